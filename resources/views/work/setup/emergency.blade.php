<div class="head bare">
    <div>
        <h2>In an emergency</h2>
        <div class="meta">What else must happen stands on the order as its first steps, to be
            ticked
            with name and time: what is set for the site, then what is set for the class.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        <form class="inline-form" method="get" action="/setup/emergency">
            <div class="field"><label>For<br><select name="class">
                        <option value="">every emergency at {{ $site->name }}</option>
                        @foreach ($classes as $one)
                            <option value="{{ $one->id }}" @selected($class === $one->id)>
                                {{ $one->name }}</option>
                        @endforeach
                    </select></label></div>
            <button class="btn">Show</button>
        </form>
        <form method="post" action="/setup/emergency">@csrf @method('put')
            <input type="hidden" name="class_id" value="{{ $class }}">
            <x-seen :mark="$seen" />
            <x-field name="duties" label="What must happen, a line each" type="textarea"
                :value="implode(PHP_EOL, $duties)" />
            <button class="btn strong">Save the list</button>
        </form>
    </div>
</div>

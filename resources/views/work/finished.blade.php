<x-sheet title="Finished already">
    <x-slot:crumbs><a href="/orders">Work</a></x-slot:crumbs>
    <x-slot:meta><span>Work that is done, written down from its title to its review in one
            go</span></x-slot:meta>
    <form class="form" method="post" action="/orders/finished">@csrf
        <x-field name="title" label="What was done" required />
        <div class="pair">
            <x-field name="asset" label="On which asset, or at which place" :value="$tag"
                required autocomplete="off" hint="Its tag." />
            <x-field name="type" label="Type" type="select">
                @foreach ($types as $one)
                    <x-option name="type" :value="$one->name"
                        :current="$type">{{ $one->name }}</x-option>
                @endforeach
            </x-field>
            <x-field name="finished_at" label="Finished at" type="datetime-local" required
                :value="$w->now()->format('Y-m-d\TH:i')" />
        </div>
        <fieldset class="field">
            <legend>Who worked on it, and how long</legend>
            @error('hours')
                <span class="error" role="alert">{{ $message }}</span>
            @enderror
            @foreach ($rows as $i)
                @include('work.finished-hours')
            @endforeach
        </fieldset>
        <x-field name="parts" label="Parts used, a line each" type="textarea"
            hint="“P-0117 x 2”, or the number alone for one." />
        <div id="finished-about" hx-get="/orders/finished/about" hx-trigger="change from:#f-asset"
            hx-include="#f-asset" hx-target="this" hx-swap="innerHTML" hx-push-url="false">
            @include('work.finished-about')
        </div>
        <x-field name="finding" label="What was found and done" type="textarea" />
        @error('review')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        @if ($mayClose)
            <div class="choices field"><label><input type="checkbox" name="close" value="1"
                        checked> I have reviewed it: close it</label>
            </div>
        @endif
        <button class="btn strong">Write it down</button>
    </form>
</x-sheet>

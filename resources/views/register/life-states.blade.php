<div class="head bare">
    <div>
        <h2>Life states</h2>
        <div class="meta">What each state does is fixed; say here what it means in your plant.
        </div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post" action="/setup/life-states">@csrf @method('put')
            <x-seen :mark="$seen" />
            @foreach ($states as $state)
                <x-field name="meaning[{{ $state->value }}]" :label="ucfirst($state->value)" :value="$meanings[$state->value]"
                    :hint="$state->says()" maxlength="250" />
            @endforeach
            <button class="btn strong">Save the meanings</button>
        </form>
    </div>
</div>

<x-sheet title="Recharge">
    <x-slot:meta>The tax on what others pay for work, and what their sheets name.</x-slot:meta>
    <x-section title="Tax" id="tax">
        <ul class="words">
            <li>{{ $site->name }}
                <b>{{ isset($taxes[0]) ? $w->quantity((string) ($taxes[0] / 10000)) . ' %' : 'none' }}</b>
            </li>
            @foreach ($places as $place)
                @if (isset($taxes[$place->id]))
                    <li>{{ $place->name }} and below
                        <b>{{ $w->quantity((string) ($taxes[$place->id] / 10000)) }} %</b>
                    </li>
                @endif
            @endforeach
        </ul>
        <form class="form" method="post" action="/setup/recharge/tax">@csrf @method('put')
            <div class="pair">
                <x-field name="location_id" label="At" type="select">
                    <option value="">{{ $site->name }}</option>
                    @foreach ($places as $place)
                        <x-option name="location_id" :value="$place->id"
                            :current="null">{{ $place->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="percent" label="Percent" maxlength="10"
                    hint="Such as 19. Empty: that of what is above it." />
            </div>
            <button class="btn">Set it</button>
        </form>
    </x-section>
    @can('administer-plant')
        <x-section title="References" id="references">
            <p class="quiet small">What the plant wants named on each recharge, such as a project.</p>
            <ul class="words">
                @foreach ($references as $name)
                    <li>{{ $name }}
                        <form class="inline" method="post" action="/setup/recharge/references">@csrf
                            @method('delete')<input type="hidden" name="name"
                                value="{{ $name }}"><button class="btn slim"
                                aria-label="Retire {{ $name }}">retire</button></form>
                    </li>
                @endforeach
            </ul>
            <form class="inline-form" method="post" action="/setup/recharge/references">@csrf
                <input name="name" maxlength="40" required aria-label="New reference">
                <button class="btn slim">Ask for it</button>
            </form>
        </x-section>
    @endcan
</x-sheet>

<x-sheet title="Small job">
    <x-slot:crumbs><a href="/orders">Work</a></x-slot:crumbs>
    <x-slot:meta>What is not worth an order of its own: it is booked for its asset, on one
        order a
        month.</x-slot:meta>
    @foreach (['worked_on', 'minutes', 'assets', 'form'] as $field)
        @error($field)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @if ($standing->isEmpty())
        <p class="quiet">No standing order is offered to you at this site. An administrator adds one
            under Setup, Standing orders.</p>
    @else
        <form class="form" method="post" action="/small-job">@csrf
            @if ($standing->count() === 1)
                <input type="hidden" name="standing" value="{{ $standing->first()->id }}">
            @else
                <x-field name="standing" label="On" type="select" required>
                    @foreach ($standing as $one)
                        <x-option name="standing" :value="$one->id"
                            :current="null">{{ $one->title }}</x-option>
                    @endforeach
                </x-field>
            @endif
            <div class="pair">
                <x-field name="asset" label="Asset" :value="$tag" required maxlength="60"
                    autocapitalize="characters" hint="Its tag, or its code." />
                <x-field name="time" label="How long" required maxlength="20"
                    hint="20 min, 0:20 or 1.5 h" />
            </div>
            <x-field name="note" label="What was done" maxlength="250" />
            <div class="pair">
                <x-field name="day" label="Day" type="date" :value="$today" required />
                @if ($people->isNotEmpty())
                    <x-field name="person" label="Who" type="select">
                        @foreach ($people as $one)
                            <x-option name="person" :value="$one->id"
                                :current="$me">{{ $one->name }}</x-option>
                        @endforeach
                    </x-field>
                @endif
            </div>
            <div class="pair">
                <x-field name="part" label="Part, if any" maxlength="120"
                    hint="A number of the catalogue, or what was bought." />
                <x-field name="quantity" label="How many" maxlength="20" value="1" />
                <x-field name="price" label="One cost" maxlength="20"
                    hint="Only for what the catalogue does not have." />
            </div>
            <button class="btn strong">Book it</button>
        </form>
    @endif
    @if ($last->isNotEmpty())
        <x-section title="What you booked last" id="last">
            <ul class="plain-list">
                @foreach ($last as $one)
                    <li><span class="tag">{{ $one->tag }}</span>
                        {{ $w->minutes($one->minutes) }}
                        <span class="quiet">{{ $one->note }} · {{ $w->day($one->worked_on) }} ·
                            {{ $one->person->name }}</span> <a class="small"
                            href="/orders/{{ $one->order_id }}#hours">open</a>
                    </li>
                @endforeach
            </ul>
        </x-section>
    @endif
</x-sheet>

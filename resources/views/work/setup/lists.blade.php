<div class="head bare">
    <div>
        <h2>Types, stages, reasons</h2>
        <div class="meta">What orders are for, where they stand inside a state, and what they wait
            for.
            What is retired is offered no more and stays where it was used.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        @foreach (['name', 'type', 'state', 'kind', 'days'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        <x-section title="Types of orders" id="types">
            <ul class="words">
                @foreach ($types as $type)
                    <li>{{ $type->name }} <span class="quiet small">{{ $type->kind->value }}</span>
                        @if ($type->canBeRetired())
                            @include('work.setup.retire', [
                                'of' => 'types',
                                'name' => $type->name,
                            ])
                        @endif
                    </li>
                @endforeach
            </ul>
            <form class="inline-form" method="post" action="/setup/work-lists/types">@csrf
                <input name="name" maxlength="40" required aria-label="New type of orders">
                <select name="kind" aria-label="Planned or unplanned work">
                    @foreach ($kinds as $kind)
                        <option>{{ $kind->value }}</option>
                    @endforeach
                </select>
                <button class="btn slim">Add the type</button>
            </form>
        </x-section>
        @include('work.setup.accounts')
        <x-section title="Stages inside a state" id="stages">
            <p class="quiet small">The plant’s own names for where an order stands. A stage ends
                when
                the order moves to another state.</p>
            <ul class="words">
                @foreach ($stages as $stage)
                    <li>{{ $stage->name }} <span
                            class="quiet small">{{ $stage->state->value }}</span>
                        @include('work.setup.retire', [
                            'of' => 'stages',
                            'name' => $stage->name,
                            'state' => $stage->state->value,
                        ])
                    </li>
                @endforeach
            </ul>
            <form class="inline-form" method="post" action="/setup/work-lists/stages">@csrf
                <input name="name" maxlength="40" required aria-label="New stage">
                <select name="state" aria-label="State that it stands in">
                    @foreach ($states as $state)
                        <option @selected($state->value === 'planned')>{{ $state->value }}</option>
                    @endforeach
                </select>
                <button class="btn slim">Add the stage</button>
            </form>
        </x-section>
        <x-section title="Reasons to hold" id="reasons">
            <p class="quiet small">After its days an order on hold stands on Today, to be looked at
                again.</p>
            <ul class="words">
                @foreach ($reasons as $reason)
                    <li>{{ $reason->name }} <span class="quiet small">look again after
                            {{ $w->count($reason->days, 'day') }}</span>
                        @include('work.setup.retire', [
                            'of' => 'reasons',
                            'name' => $reason->name,
                        ])
                    </li>
                @endforeach
            </ul>
            <form class="inline-form" method="post" action="/setup/work-lists/reasons">@csrf
                <input name="name" maxlength="40" required aria-label="New reason">
                <input name="days" type="number" min="0" max="365" value="2"
                    required aria-label="Days after which one looks again">
                <button class="btn slim">Add the reason</button>
            </form>
        </x-section>
        <x-section title="Permits" id="permits">
            <p class="quiet small">What somebody who does not work there has to issue before the
                work of an order starts.</p>
            <ul class="words">
                @foreach ($permits as $permit)
                    <li>{{ $permit }}
                        @include('work.setup.retire', [
                            'of' => 'permits',
                            'name' => $permit,
                        ])
                    </li>
                @endforeach
            </ul>
            <form class="inline-form" method="post" action="/setup/work-lists/permits">@csrf
                <input name="name" maxlength="40" required aria-label="New permit">
                <button class="btn slim">Add the permit</button>
            </form>
        </x-section>
    </div>
</div>

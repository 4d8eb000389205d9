<section class="part form">
    @if ($mayAssign)
        <details class="act" @if ($errors->hasAny(['assignee_id', 'team_id', 'planned_on'])) open @endif>
            <summary>Assign it, or move its day</summary>
            <form data-form="assignment" method="post" action="{{ $by }}/assignment">@csrf
                @method('put') <x-version :of="$order" />
                <div class="pair"><x-field name="team_id" label="Team" type="select">
                        <option value="">no team</option>
                        @foreach ($teams as $team)
                            <x-option name="team_id" :value="$team->id"
                                :current="$order->team_id">{{ $team->name }}</x-option>
                        @endforeach
                    </x-field>
                    <x-field name="assignee_id" label="Person" type="select">
                        <option value="">nobody yet</option>
                        @foreach ($people as $person)
                            <x-option name="assignee_id" :value="$person->id"
                                :current="$order->assignee_id">{{ $person->name }}</x-option>
                        @endforeach
                    </x-field>
                    <x-field name="planned_on" label="Planned day" type="date"
                        :value="$order->planned_on" />
                </div><button class="btn strong">Assign</button>
            </form>
        </details>
        <details class="act" @if ($errors->hasAny(['priority', 'due_on'])) open @endif>
            <summary>Change how urgent it is</summary>
            <form data-form="urgency" method="post" action="{{ $by }}/urgency">@csrf
                @method('put') <x-version :of="$order" :labels="['priority' => 'Priority', 'due_on' => 'Due']" />
                <div class="pair"><x-field name="priority" label="Priority" type="select">
                        @foreach ($order->priority::cases() as $one)
                            <x-option name="priority" :value="$one->value"
                                :current="$order->priority->value">{{ $one->value }}</x-option>
                        @endforeach
                    </x-field>
                    <x-field name="due_on" label="Due" type="date" :value="$order->due_on" />
                </div><button class="btn">Save it</button>
            </form>
        </details>
    @endif
    @if ($stages !== [])
        <details class="act" @error('stage') open @enderror>
            <summary>Say where it stands inside {{ $order->state->value }}</summary>
            <form data-form="stage" method="post" action="{{ $by }}/stage">@csrf
                @method('put') <x-version :of="$order" />
                <x-field name="stage" label="Stage" type="select">
                    <option value="">none</option>
                    @foreach ($stages as $one)
                        <x-option name="stage" :value="$one"
                            :current="$order->stage">{{ $one }}</x-option>
                    @endforeach
                </x-field><button class="btn">Say it</button>
            </form>
        </details>
    @endif
    @if ($may('hold'))
        <details class="act" @if ($errors->hasAny(['hold_reason', 'look_again_on'])) open @endif>
            <summary>Put on hold</summary>
            <form data-form="hold" method="post" action="{{ $by }}/hold">@csrf<x-decided
                    :of="$order" /><x-field name="hold_reason" label="What is it waiting for?"
                    type="select" required>
                    <option value="">choose</option>
                    @foreach ($holdReasons as $why)
                        <x-option name="hold_reason"
                            :value="$why->name">{{ $why->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="look_again_on" label="Look again on" type="date"
                    hint="Left empty: after the days that the reason says." />
                <x-field name="note" label="Note" /><button class="btn">Put on
                    hold</button>
            </form>
        </details>
    @endif
    @if ($may('reopen'))
        <details class="act" @if ($errors->has('reason')) open @endif>
            <summary>Reopen</summary>
            <form data-form="reopen" method="post" action="{{ $by }}/reopen">
                @csrf<x-decided :of="$order" /><x-field name="reason"
                    label="Why is it reopened?" required /><button class="btn">Reopen
                    {{ $order->label() }}</button></form>
        </details>
    @endif
    @if ($may('cancel') && ($booked->isNotEmpty() || $order->uses->isNotEmpty()))
        <details class="act">
            <summary>Stop it short</summary>
            <p class="quiet small">What was booked stays on this order. An order for the rest takes
                the steps, hours, parts, services and visits that are left.</p>
            <form data-form="stop-short" method="post" action="{{ $by }}/stop-short">
                @csrf<x-decided :of="$order" /><x-field name="reason"
                    label="Why is it stopped short?" required /><button class="btn">Stop
                    {{ $order->label() }} short</button></form>
        </details>
    @endif
    @if ($may('cancel'))
        <details class="act" @if ($errors->hasAny(['visits']) || $errors->has('reason')) open @endif>
            <summary>Cancel the order</summary>
            <form data-form="cancel" method="post" action="{{ $by }}/cancel">
                @csrf<x-decided :of="$order" /><x-field name="reason"
                    label="Why is it cancelled?" required />
                <fieldset @if ($order->covered->isEmpty()) hidden disabled @endif>
                    <legend>And its visit?</legend>
                    <div class="choices"><label><input type="radio" name="visits" value="skip"
                                required> Skip
                            it: count on as if it had been done when
                            planned</label><label><input type="radio" name="visits"
                                value="give back"> Give it
                            back: it can be released again</label>
                    </div>
                </fieldset><button class="btn danger">Cancel
                    {{ $order->label() }}</button>
            </form>
        </details>
    @endif
</section>

@php
    $at = "/schedules/{$schedule->id}";
    $skip = "Skip visit {$schedule->standing->next_number}, {$shown->weekday}";
@endphp
<x-section title="Change">
    @if ($schedule->paused_from)
        <form method="post" action="{{ $at }}/go-on">@csrf<input type="hidden"
                name="version" value="{{ $schedule->version }}"><button
                class="btn">{{ $schedule->held_from ? 'Let it go on now' : 'Take the pause back' }}</button>
        </form>
    @else
        <x-move title="Pause it" :action="$at . '/pause'" button="Pause the schedule" :version="$schedule->version"
            :fields="['from', 'until', 'pause_reason']">
            <div class="pair"><x-field name="from" label="First day" type="date"
                    :value="(string) $today" required /><x-field name="until" label="Last day"
                    type="date" hint="Empty: until somebody lets it go on." /></div><x-field
                name="pause_reason" label="Why does it rest?" required />
            <p class="quiet small">Points that pass meanwhile are suspended: neither
                done nor missed.</p>
        </x-move>
    @endif
    @if ($shown->moveHint)
        <x-move :title="$skip" :action="$at . '/skip'" button="Skip the visit" :version="$schedule->version"
            :fields="['skip_reason']">
            <x-field name="skip_reason" label="Why is it skipped?" required />
            <p class="quiet small">The schedule counts on as if it had been done when
                planned.</p>
        </x-move>
        <x-move title="Move this visit alone" :action="$at . '/move'" method="put"
            button="Move the visit" :version="$schedule->version" :fields="['moved_to']">
            <x-field name="moved_to" label="To" type="date" :value="$schedule->standing->next_due_on" required
                :hint="$shown->moveHint" />
        </x-move>
    @endif
    @unless ($schedule->standing->isInHand())
        <x-move title="Count from here" :action="$at . '/count-from'" button="Count from there" :version="$schedule->version"
            :fields="['on', 'count_reason', 'usage_last']">
            <div class="pair"><x-field name="on" label="The next visit is on" type="date"
                    :value="$shown->countFrom" required />
                @if ($schedule->meter_id)
                    <x-field name="reading" label="Its meter counts from" inputmode="decimal"
                        :hint="'What ' .
                            $schedule->meter->name .
                            ' showed, in ' .
                            $schedule->meter->unit .
                            '. Empty: what it shows now.'" />
                @endif
            </div>
            <x-field name="count_reason" label="Why does it count afresh?" required />
        </x-move>
    @endunless
    <x-move title="End this schedule" :action="$at . '/end'" button="End the schedule"
        :version="$schedule->version" :fields="['reason']" danger>
        <x-field name="reason" label="Why does it end?" required />
    </x-move>
</x-section>

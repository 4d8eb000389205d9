@can('lock-costs')
    <section class="part form" id="locks">
        <x-move title="Lock a month" action="/costs/lock" button="Lock it for good" :fields="['month']">
            <x-field name="month" label="Month that is over" type="month" required
                hint="What was counted up to its end stays. What changes later is counted on the first open day." />
        </x-move>
    </section>
@endcan
@if ($locks->isNotEmpty())
    <ul class="plain-list small quiet">
        @foreach ($locks as $lock)
            <li>Through {{ $w->day($lock->through_on) }}, locked by {{ $lock->who }},
                {{ $w->instant($lock->locked_at) }}</li>
        @endforeach
    </ul>
@endif

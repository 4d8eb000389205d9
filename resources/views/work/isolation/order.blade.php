@if ($isolations->isNotEmpty() || $mayIsolate || $permitsNeeded !== [])
    <section class="part" id="isolation">
        <h3>Isolation and permits</h3>
        @error('isolation')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        @if ($permitsMissing !== [])
            <p class="w due">Before the start a permit is wanted for:
                {{ implode(', ', $permitsMissing) }}.</p>
        @endif
        @forelse ($isolations as $one)
            @include('work.isolation.one')
        @empty
            <p class="quiet small">None is issued for this order.</p>
        @endforelse
        @if ($mayIsolate)
            @if ($sharable->isNotEmpty())
                <form class="inline-form" method="post" action="{{ $by }}/isolation/share">
                    @csrf
                    <select name="isolation_id" aria-label="Isolation that stands on this asset">
                        @foreach ($sharable as $one)
                            <option value="{{ $one->id }}">{{ $one->label() }},
                                {{ $one->state->value }}</option>
                        @endforeach
                    </select>
                    <button class="btn slim">Work behind it too</button>
                </form>
            @endif
            <x-move title="Issue an isolation or a permit" :action="$by . '/isolation'" button="Issue it"
                :fields="['points', 'valid_until', 'permit']">
                <x-field name="permit" label="What" type="select">
                    <option value="">isolation: the locks are on</option>
                    @foreach ($permitKinds as $kind)
                        <x-option name="permit" :value="$kind">permit,
                            {{ $kind }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="points" label="What is locked or demanded, a line each"
                    type="textarea" required :value="implode(PHP_EOL, $lockPoints)" />
                <x-field name="valid_until" label="Valid until" type="datetime-local" required
                    :value="$w->today() . 'T18:00'" hint="You issue it; whoever works on the order cannot." />
            </x-move>
        @endif
    </section>
@endif

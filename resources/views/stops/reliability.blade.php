@php
    $address = $frame->address('/stops/reliability', [
        'by' => $by,
        'months' => $months,
        'when' => $when,
        'class' => $classId,
    ]);
@endphp
<x-sheet title="Reliability">
    <x-slot:crumbs><a href="/stops">Stops</a></x-slot:crumbs>
    <x-slot:meta><span>{{ $w->count(...$counted) }}</span>
        <span>{{ $w->count($all->failures, 'failure') }}</span>
        <span>between failures <b>{{ $said->mtbf($all) }}</b></span>
        <span>to restore <b>{{ $said->mttr($all) }}</b></span>
        <span>available <b>{{ $said->share($all->availability()) }}</b></span>
    </x-slot:meta>
    <p class="ways">
        @foreach (['class', 'asset', 'place', 'cause', 'shift', 'product'] as $key)
            <a href="{{ $address->with(['by' => $key, 'class' => null]) }}"
                @if ($by === $key && !$classId) aria-current="true" @endif>by
                {{ $key }}</a>
        @endforeach
        ·
        @foreach ([1, 3, 12, 18] as $key)
            <a href="{{ $address->with(['months' => $key]) }}"
                @if ($months === $key) aria-current="true" @endif>{{ $w->count($key, 'month') }}</a>
        @endforeach
        ·
        @foreach (['clock' => 'round the clock', 'working' => 'on working days'] as $key => $says)
            <a href="{{ $address->with(['when' => $key]) }}"
                @if ($when === $key) aria-current="true" @endif>{{ $says }}</a>
        @endforeach
    </p>
    <div class="scroll">
        <table>
            <thead>
                <tr>
                    <th>{{ $by }}</th>
                    @if ($by === 'class' || $by === 'place')
                        <th class="r">assets</th>
                    @endif
                    <th class="r">failures</th>
                    <th class="r">between failures</th>
                    <th class="r">to restore</th>
                    @unless ($by === 'cause')
                        <th class="r">down</th>
                        <th class="r">available</th>
                        <th class="r">technically</th>
                    @endunless
                </tr>
            </thead>
            <tbody>
                @foreach ($lines as $line)
                    @include('stops.reliability-line')
                @endforeach
            </tbody>
        </table>
    </div>
    @if ($more > 0)
        <p class="quiet small">And {{ $more }} more that failed less.</p>
    @endif
    <p class="quiet small">Failures are stops whose reason says so, and failures that orders
        recorded
        outside of one. Times of several are added, then divided. Available is the time it could run
        of
        the time it was wanted; technically leaves out what was no fault of the machine.</p>
</x-sheet>

@php
    $address = $frame->address('/schedules', $filter);
@endphp
<div class="filters">
    <h1><span>Schedules <a class="also" href="/outlook">outlook</a> <a class="also"
                href="/methods">methods</a>
            @can('release')
                <a class="also" href="/release">release</a>
            @endcan <x-also name="more" :links="['/calendar' => 'Calendar', '/rounds' => 'Rounds'] +
                ($frame->can('write-plans') ? ['/import/schedules' => 'Load from a file'] : [])"
                export="{{ $address->at('/schedules.{format}') }}" /></span>
        <small>{{ $found === $total ? $total : "{$found} of {$total}" }}</small>
    </h1>
    <form method="get" action="/schedules" role="search" hx-target="#index" hx-push-url="true"
        hx-trigger="submit, change target:select, input delay:300ms from:find input"
        hx-sync="this:replace"><input type="search" name="q" value="{{ $filter['q'] ?? '' }}"
            placeholder="Schedule or asset" aria-label="Search schedules"><select name="near"
            aria-label="Nearness">
            <option value="">any nearness</option>
            @foreach (['late', 'due', 'near', 'in hand', 'clear', 'held' => 'held up', 'ended'] as $key => $near)
                @php
                    $value = is_string($key) ? $key : $near;
                @endphp

                <option value="{{ $value }}" @selected(($filter['near'] ?? '') === $value)>{{ $near }}
                </option>
            @endforeach
        </select>
        <noscript><button class="btn slim">Filter</button></noscript>
    </form>
    @if ($hidden > 0)
        <p class="hides">These filters hide {{ $w->count($hidden, 'schedule') }}. <a
                href="/schedules" hx-target="#index" hx-push-url="true">Show all</a></p>
    @endif
</div>
<div class="rows">
    @forelse ($schedules as $schedule)
        @php
            $visit = $schedule->nextVisit();
            $going = !$schedule->ended && $schedule->held_from === null;
            $near = $going
                ? $visit?->nearness($today, $schedule->standing->in_hand !== null)
                : null;
            $dial = $frame->dial(
                $near,
                $visit?->consumed($today),
                null,
                $words->otherShare($schedule),
            );
        @endphp

        <a class="row-line" href="{{ $address->at("/schedules/{$schedule->id}") }}"
            data-record="/schedules/{{ $schedule->id }}" hx-target="#sheet"
            @if ($current === $schedule->id) aria-current="true" @endif>{!! $dial !!}<span><span
                    class="n"><b>{{ $schedule->name }}</b><span
                        class="tag">{{ $schedule->asset->tag }}</span></span><span
                    class="w {{ str_replace(' ', '-', $near?->value ?? '') }}">{{ $words->standing($schedule) }}
                    ·
                    {{ $schedule->round?->name ?? $schedule->asset->name }}</span></span></a>
    @empty<div class="secs empty">
            @php
                $totalWords =
                    $total === 0
                        ? 'There is no schedule yet. Open an asset and add one: it says what is done there, and when.'
                        : 'No schedule matches.';
            @endphp
            <p>{{ $totalWords }}
            </p>
        </div>
    @endforelse
    @if ($more)
        <a class="more" href="{{ $address->with(['page' => $page + 1]) }}"
            hx-target="#index">Next 60</a>
        @endif @if ($page > 1)
            <a class="more" href="{{ $address->with(['page' => $page > 2 ? $page - 1 : null]) }}"
                hx-target="#index">Back to the 60 before</a>
        @endif
</div>

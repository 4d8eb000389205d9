@php
    $doneWords = intdiv($progress->share(), 10) . ' % of the hours are done';
    $goneWords = $clock === null ? '' : ', ' . intdiv($clock, 10) . ' % of the window is gone';
@endphp
<section class="part" id="progress">
    <h3>{{ $w->minutes($progress->done()) }} of {{ $w->minutes($progress->planned()) }} done
        <span class="aside quiet">{{ $progress->ordersDone() }} of
            {{ $w->count($progress->orders(), 'order') }}@if ($late > 0)
                , {{ $late }} added late
            @endif
        </span>
    </h3>
    <svg class="bars wide" viewBox="0 0 1000 100" preserveAspectRatio="none" role="img"
        aria-label="{{ $doneWords }}{{ $goneWords }}">
        <rect class="plan" x="1" y="14" width="998" height="72" />
        <rect class="fact" x="1" y="14" width="{{ intdiv(998 * $progress->share(), 1000) }}"
            height="72" />
        @if ($clock !== null)
            <path class="now" d="M{{ max(2, min(998, $clock)) }},0 v100" />
        @endif
    </svg>
    <p class="small">{{ $w->minutes($progress->left()) }} of work are left.
        {{ $fits }}</p>
</section>

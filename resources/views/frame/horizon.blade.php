<section @class(['horizon', 'folded' => $horizon && $horizon->folded]) id="horizon" aria-label="Horizon"
    @if ($oob ?? false) hx-swap-oob="true" @endif
    @if (!$horizon && !$awaited->hasHorizon()) hidden @endif>
    @if ($awaited->hasHorizon())
        <div class="about"><span><b>Horizon</b></span></div>
        <div class="band"><svg viewBox="0 0 1204 84" aria-hidden="true"></svg></div>
    @endif
    @if ($horizon)
        @php
            $here = fn(array $with) => request()->fullUrlWithQuery(
                $with + ['span' => null, 'fold' => null],
            );
        @endphp

        <div class="about"><span><b>Horizon</b> · {{ $horizon->about }}</span>
            <nav aria-label="Time shown" hx-target="#horizon" hx-swap="outerHTML" hx-push-url="false">
                @unless ($horizon->folded)
                    @foreach ($lists->spans() as $span)
                        <a href="{{ $here(['span' => $span->value]) }}"
                            @if ($span === $horizon->span) aria-current="true" @endif>{{ $span->value }}</a>
                    @endforeach
                @endunless
                @php
                    $foldedWords = $horizon->folded ? 'unfold' : 'fold';
                @endphp
                <a href="{{ $here(['fold' => $horizon->folded ? '0' : '1']) }}"
                    aria-expanded="{{ $horizon->folded ? 'false' : 'true' }}">{{ $foldedWords }}</a>
            </nav>
        </div>
        @unless ($horizon->folded)
            <div class="band" tabindex="0" role="group"
                aria-label="Coming visits and open orders">
                {!! $frame->horizon($horizon) !!}</div>
        @endunless
    @endif
</section>

<div class="rest" id="rest" @if ($oob ?? false) hx-swap-oob="true" @endif>
    @if ($rest->isAwaited)
        <p class="quiet small awaited">More of this page is on its way. <a
                href="{{ request()->fullUrlWithQuery(['whole' => 1]) }}" hx-boost="false">Load it
                whole</a></p>
    @else
        {!! view($rest->view, $rest->data())->render() !!}
    @endif
</div>

@php
    $address = $frame->address('/orders/board', $typed);
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="{{ $address->at('/orders') }}">Work</a></div>
        <h2>Orders by {{ $by }}</h2>
        <div class="meta">
            @if ($narrowed !== '')
                <span>only {{ $narrowed }}</span>
            @endif
            <a href="{{ $address->at('/orders/narrow') }}">Narrow it</a>
            @if ($mayMove)
                <span>Drag a card, or move it with <kbd>Shift</kbd> <kbd>←</kbd>
                    <kbd>→</kbd>.</span>
            @endif
        </div>
    </div>
    <div class="acts across">
        <a class="btn slim" href="{{ $address->with(['by' => 'state']) }}"
            @if ($by === 'state') aria-current="true" @endif>By state</a>
        <a class="btn slim" href="{{ $address->with(['by' => 'person']) }}"
            @if ($by === 'person') aria-current="true" @endif>By person</a>
        <a class="btn slim" href="{{ $address->at('/orders/table') }}">As a table</a>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @foreach (['orders', 'set', 'value', 'form'] as $field)
            @error($field)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @if ($mayMove)
            <form method="post" action="/orders/table/change" id="board-move" hidden>@csrf<input
                    type="hidden" name="orders[]"><input type="hidden" name="set"><input
                    type="hidden" name="board" value="{{ $by }}"></form>
        @endif
        <div class="board" @if ($mayMove) x-data="board" @endif>
            @foreach ($columns as $column)
                @include('work.board.column')
            @endforeach
        </div>
    </div>
</div>

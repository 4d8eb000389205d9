@php
    $address = $frame->address('/orders/table', [...$typed, 'sort' => $sort]);
    $back = $address->with(['page' => $page > 1 ? $page : null])->asked();
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="{{ $address->at('/orders', ['sort' => null]) }}">Work</a></div>
        <h2>Orders as a table <span class="quiet">{{ $foundWords }}</span></h2>
        <div class="meta"><span>{{ $stands === 'all' ? 'in all states' : $stands }}</span>
            @if ($narrowed !== '')
                <span>only {{ $narrowed }}</span>
            @endif
            <a href="{{ $address->at('/orders/narrow', ['sort' => null]) }}">Narrow it</a>
            @if ($typed !== [])
                <a href="/orders/table">Show all open ones</a>
            @endif
            @unless ($isSorted)
                <span>So many are sorted by their number alone.</span>
            @endunless
        </div>
    </div>
    <div class="acts"><a class="btn slim" href="{{ $address->at('/orders/board') }}">As a board</a><a
            class="btn slim" href="{{ $address->at('/orders/table.csv') }}"
            hx-boost="false">CSV</a><a class="btn slim"
            href="{{ $address->at('/orders/table.json') }}" hx-boost="false">JSON</a>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @foreach (['orders', 'set', 'value', 'form'] as $field)
            @error($field)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @include('work.table.kept')
        @if ($rows === [])
            <p class="quiet">No order matches.</p>
        @else
            <form method="post" action="/orders/table/preview">@csrf<input type="hidden"
                    name="back" value="{{ $back }}">
                @include('work.table.rows')
                @includeWhen($mayChange, 'work.table.many')
            </form>
            @if ($more)
                <a class="btn" href="{{ $address->with(['page' => $page + 1]) }}">Next
                    {{ $perPage }}</a>
            @endif
            @if ($page > 1)
                <a class="btn"
                    href="{{ $address->with(['page' => $page > 2 ? $page - 1 : null]) }}">Back
                    to
                    the {{ $perPage }} before</a>
            @endif
        @endif
    </div>
</div>

@if ($lines->count() > 1)
    <p class="ways">
        <a href="{{ $asked->address(['line' => null]) }}"
            @if ($asked->lineId === null) aria-current="true" @endif>all
            lines</a>
        @foreach ($lines as $line)
            <a href="{{ $asked->address(['line' => $line->id]) }}"
                @if ($asked->lineId === $line->id) aria-current="true" @endif>{{ $line->asset->name }}</a>
        @endforeach
    </p>
@endif

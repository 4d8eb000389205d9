<section class="part">
    <h3>{{ $part['title'] }} <span class="aside quiet">{{ count($part['lines']) ?: 'none' }}</span>
    </h3>
    @if ($part['lines'] !== [])
        <ul class="plain">
            @foreach ($part['lines'] as $line)
                <li><a href="{{ $line['href'] }}">{{ $line['words'] }}</a></li>
            @endforeach
        </ul>
    @endif
</section>

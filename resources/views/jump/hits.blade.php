@if ($meant)
    <p class="meant">Nothing has “{{ $text }}” in it. This is what “{{ $meant }}”
        finds:</p>
@endif
@if ($recent !== [])
    <p class="kind">Recent</p>
    @foreach ($recent as $one)
        <a href="{{ $one['href'] }}"><span>{{ $one['title'] }}</span></a>
    @endforeach
@endif
@if ($hits !== [])
    <p class="kind">Found</p>
    @foreach ($hits as $hit)
        <a href="{{ $hit->href }}"><span><b>{{ $hit->name }}</b> <span
                    class="tag">{{ $hit->tag }}</span></span><small>{{ $hit->about }}</small></a>
    @endforeach
@elseif (trim($text) !== '' && $commands === [])
    <p class="meant">Nothing is called that, not even nearly. Try a tag, a number, or a word of the
        name.</p>
@endif
@if ($commands !== [])
    <p class="kind">Go to</p>
    @foreach ($commands as $command)
        <a
            href="{{ $command['href'] }}"><span>{{ $command['label'] }}</span><kbd>{{ $command['keys'] }}</kbd></a>
    @endforeach
@endif

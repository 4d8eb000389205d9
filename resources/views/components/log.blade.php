@props(['lines', 'more' => null])
@if ($lines === [])
    <p class="quiet small">
        Nothing has happened yet.</p>
@else
    <ol class="log">
        @foreach ($lines as $line)
            <li><time datetime="{{ $line->at->format('c') }}">{{ $w->instant($line->at) }}</time>
                <div>{{ $line->who }} {{ $line->did }}
                    @if (count($line->changes) > 5)
                        <details class="changes">
                            <summary>{{ count($line->changes) }} facts</summary>
                    @endif
                    @foreach ($line->changes as $field => [$old, $new])
                        <div class="changes">{{ str_replace('_', ' ', $field) }}: @if ($old !== null && $old !== '')
                                <del>{{ $w->logged($old) }}</del>
                                →
                            @endif
                            <ins>
                                {{ $w->logged($new) }}</ins>
                        </div>
                    @endforeach
                    @if (count($line->changes) > 5)
                        </details>
                    @endif
                    @if ($line->note)
                        <div class="changes">“{{ $line->note }}”</div>
                    @endif
                </div>
            </li>
        @endforeach
    </ol>
    @if ($more && count($lines) >= 12)
        <a class="small" href="{{ $more }}?before={{ end($lines)->id }}#log">Older
            entries</a>
    @endif
@endif

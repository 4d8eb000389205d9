@if ($request->words->isNotEmpty())
    <x-section title="Asked and answered" id="talk">
        <ul class="plain">
            @foreach ($request->words as $line)
                <li><b>{{ $line->who }}</b> <span
                        class="quiet small">{{ $w->instant($line->said_at) }}</span><br>{{ $line->words }}
                </li>
            @endforeach
        </ul>
    </x-section>
@endif

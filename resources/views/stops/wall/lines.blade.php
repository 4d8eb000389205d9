<div class="wall-lines">
    @forelse ($lines as $line)
        <a @class(['wall-line', 'stands' => $line['is']->downSince]) href="/lines/{{ $line['is']->id }}">
            <span class="wall-name">{{ $line['is']->name }}</span>
            <span class="wall-word">{{ $line['word'] }}</span>
            <span class="wall-since">{{ $line['since'] }}</span>
            <span class="wall-why">{{ $line['is']->reason }}
                {{ $line['is']->calledAt ? '· maintenance is called' : '' }}</span>
            <span class="wall-oee">OEE of the shift {{ $line['oee'] }}</span>
        </a>
    @empty
        <p>No line at this site yet.</p>
    @endforelse
</div>

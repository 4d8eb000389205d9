<p class="note">{{ $above }}
    @can('manage', $line)
        <a href="/lines/{{ $line->id }}/settings#rates">Set the ideal time</a>
    @endcan
</p>

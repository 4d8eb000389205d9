<a href="#minutes">Minutes</a>
<a href="#reasons">Reasons <span>{{ count($reasons) ?: '' }}</span></a>
<a href="#stood">Stops <span>{{ $stops->count() ?: '' }}</span></a>
<a href="#output">Output <span>{{ $record->runs->count() ?: '' }}</span></a>
<a href="#sign">Signature</a>
@can('manage', $line)
    <a href="/lines/{{ $line->id }}/settings">Settings of the line</a>
@endcan

@if ($move->subject_kind === 'order')
    <a href="/orders/{{ $move->subject_id }}">{{ $move->label }}</a>
@else
    {{ $move->label }}
@endif
{{ $move->reason }}
<span
    class="quiet small">{{ $move->who }}{{ $move->second_who ? ", seen by {$move->second_who}" : '' }}</span>

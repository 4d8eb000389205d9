@props(['nearness' => null, 'consumed' => null, 'lead' => null, 'other' => null, 'size' => 26])
{!! $frame->dial($nearness, $consumed, $lead, $other, (int) $size) !!}

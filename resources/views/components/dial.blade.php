@props(['nearness' => null, 'consumed' => null, 'lead' => null, 'other' => null, 'size' => 26])
{!! App\Platform\Frame\Dial::svg($nearness, $consumed, $lead, $other, (int) $size) !!}

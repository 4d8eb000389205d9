{{-- How many of a group are late, due, near, in hand, clear and without a schedule, in words. --}}
@php
    $kinds = [
        'late' => 'late',
        'due' => 'due',
        'near' => 'due',
        'in hand' => 'hand',
        'clear' => '',
    ];
    $said = ['due' => 'due today'];
    $parts = array_filter(array_keys($kinds), fn($kind) => ($counts[$kind] ?? 0) > 0);
@endphp
@foreach ($parts as $kind)
    <span class="w {{ $kinds[$kind] }}">{{ $counts[$kind] }} {{ $said[$kind] ?? $kind }}</span>
    @if (!$loop->last)
        ·
    @endif
@endforeach
@if (($counts['none'] ?? 0) > 0)
    @if ($parts !== [])
        ·
    @endif
    <span class="quiet">{{ $counts['none'] }} without a schedule</span>
@endif

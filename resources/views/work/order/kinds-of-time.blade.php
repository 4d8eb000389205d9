{{-- The time of one booking, each kind in a field of its own. --}}
@php
    $named = fn(string $kind) => $of === '' ? $kind : "{$of}[{$kind}]";
    $kinds = ['time' => 'Time', 'time_half' => 'At time and a half', 'time_double' => 'At double'];
@endphp
@foreach ($kinds as $kind => $label)
    <div class="field"><label>{{ $label }}<br><input name="{{ $named($kind) }}" size="6"
                placeholder="{{ $kind === 'time' ? '2:30' : '' }}"
                value="{{ $kind === 'time' ? $proposed ?? '' : '' }}"></label>
    </div>
@endforeach

@props(['name', 'value', 'current' => null])
<option value="{{ $value }}" @selected((string) $current === (string) $value)>{{ $slot }}</option>

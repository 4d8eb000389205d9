@props(['name', 'value', 'current' => null])
<option value="{{ $value }}" @selected((string) old($name, $current) === (string) $value)>{{ $slot }}</option>

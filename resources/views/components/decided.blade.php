{{-- What a move of a record carries: once, however often it is pressed, and from what stood here. --}}
@props(['of'])
<input type="hidden" name="version" value="{{ $of->version }}">
<input type="hidden" name="once" value="{{ Illuminate\Support\Str::uuid() }}">

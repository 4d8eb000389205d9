@props(['mark'])
{{-- What stood here when the form was opened: whoever saves second is told what the first has set. --}}
<input type="hidden" name="seen" value="{{ $mark }}">

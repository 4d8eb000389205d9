@foreach ($reasons as $reason)
    <option value="{{ $reason }}"></option>
@endforeach

<datalist id="standings">
    @foreach ($standings as $place)
        <option value="{{ $place['tag'] }}">{{ $place['name'] }}</option>
    @endforeach
</datalist>

@if ($bookedOn !== [])
    <div class="field"><label>On<br><select name="row_id">
                <option value="">all of them</option>
                @foreach ($bookedOn as $id => $tag)
                    <option value="{{ $id }}">
                        {{ $tag }}</option>
                @endforeach
            </select></label></div>
@endif

@if ($keepsApart !== [])
    <div class="field"><label>Spent on<br><select name="spent_on">
                @foreach ($keepsApart as $one)
                    <option value="{{ $one->value }}">
                        {{ $one->label() }}</option>
                @endforeach
            </select></label></div>
@endif

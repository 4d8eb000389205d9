<fieldset class="inline-form bulk">
    <legend>For the chosen ones</legend>
    <div class="field"><label>Do<br><select name="set">
                <option value="">choose</option>
                @foreach ($changes as $label => $options)
                    <optgroup label="{{ $label }}">
                        @foreach ($options as $value => $name)
                            <option value="{{ $value }}">
                                {{ $label }}: {{ $name }}</option>
                        @endforeach
                    </optgroup>
                @endforeach
                <optgroup label="as typed beside">
                    <option value="planned">planned day</option>
                    <option value="due">due day</option>
                    <option value="cancel">cancel, because</option>
                </optgroup>
                <optgroup label="move on">
                    <option value="approve">approve</option>
                    <option value="resume">go on with</option>
                </optgroup>
            </select></label></div>
    <div class="field"><label>As typed<br><input name="value" maxlength="250" autocomplete="off"
                placeholder="2026-03-31, or +7"></label></div>
    <label><input type="checkbox" name="everything" value="1"> all {{ $foundWords }} that
        match</label><button class="btn">See what would change</button>
</fieldset>

<fieldset class="inline-form bulk">
    <legend>For the chosen ones</legend>
    <div class="field"><label>Do<br><select name="set">
                <option value="">choose</option>
                @foreach ($changes as $label => $options)
                    <optgroup label="{{ $label }}">
                        @foreach ($options as $value => $name)
                            <option value="{{ $value }}" @selected(old('set') === $value)>
                                {{ $label }}: {{ $name }}</option>
                        @endforeach
                    </optgroup>
                @endforeach
                <optgroup label="as typed beside">
                    <option value="planned" @selected(old('set') === 'planned')>planned day</option>
                    <option value="due" @selected(old('set') === 'due')>due day</option>
                    <option value="cancel" @selected(old('set') === 'cancel')>cancel, because</option>
                </optgroup>
                <optgroup label="move on">
                    <option value="approve" @selected(old('set') === 'approve')>approve</option>
                    <option value="resume" @selected(old('set') === 'resume')>go on with</option>
                </optgroup>
            </select></label></div>
    <div class="field"><label>As typed<br><input name="value" maxlength="250" autocomplete="off"
                value="{{ old('value') }}" placeholder="2026-03-31, or +7"></label></div>
    <label><input type="checkbox" name="everything" value="1"> all {{ $foundWords }} that
        match</label><button class="btn">See what would change</button>
</fieldset>

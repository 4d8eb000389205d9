<div class="choices field"><label><input type="checkbox" name="all_the_same" value="1"
            @checked(old('all_the_same'))> Take it all the same, where it is promised
        elsewhere</label></div>

<div class="choices field"><label><input type="checkbox" name="all_the_same" value="1"> Take it all
        the same, where it is promised
        elsewhere</label></div>

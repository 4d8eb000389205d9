<form class="inline-form" method="get" action="/costs">
    <div class="field"><label>By<br><select name="by">
                @foreach ($bys as $one)
                    <option value="{{ $one->value }}" @selected($one === $slice->by)>
                        {{ $one->label() }}</option>
                @endforeach
            </select></label></div>
    <div class="field"><label>From<br><input type="date" name="from"
                value="{{ $slice->from }}"></label></div>
    <div class="field"><label>To<br><input type="date" name="to"
                value="{{ $slice->to }}"></label>
    </div>
    @if ($slice->under)
        <input type="hidden" name="under" value="{{ $slice->under }}">
    @endif
    <button class="btn">Show</button>
</form>

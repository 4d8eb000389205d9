<div class="buttons beneath">
    @foreach ($saved as $one)
        <a class="btn slim" href="/orders/table?{{ $one->address }}">{{ $one->name }}</a>
    @endforeach
    <details class="menu-like">
        <summary class="btn slim">Columns</summary>
        <form method="post" action="/orders/table/columns">@csrf<input type="hidden" name="back"
                value="{{ $back }}">
            <div class="column-choice">
                @foreach ([...$shown, ...array_diff_key($all, $shown)] as $column)
                    <div><label><input type="checkbox" name="columns[]" value="{{ $column->key }}"
                                @checked(isset($shown[$column->key]))>
                            {{ $column->label }}</label><input type="number"
                            name="order[{{ $column->key }}]" value="{{ $loop->iteration }}"
                            min="1" max="99"
                            aria-label="Place of {{ $column->label }}"></div>
                @endforeach
            </div>
            <button class="btn slim strong">Keep these columns</button>
        </form>
    </details>
</div>

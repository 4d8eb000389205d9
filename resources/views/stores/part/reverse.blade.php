@if ($keeps && $move->kind->value === 'receipt' && $move->subject_kind === null)
    <details class="act small">
        <summary>Take back</summary>
        <form method="post" action="/stock-moves/{{ $move->id }}/reverse">@csrf
            <label>Why <input name="reason" required maxlength="250"></label>
            <label><input type="checkbox" name="all_the_same" value="1"> although it is
                promised</label>
            <button class="btn slim">Take it back</button>
        </form>
    </details>
@endif

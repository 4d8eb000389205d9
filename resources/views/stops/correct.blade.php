{{-- The ways to put one stop right: its times and reason, or out with it. --}}
@php
    $local = fn($at) => $at === null ? '' : $w->local($at)->format('Y-m-d\TH:i');
    $mine = (int) old('stop_id') === $stop->id;
@endphp
<details class="again" @if ($mine && $errors->any()) open @endif>
    <summary aria-label="Correct the stop of {{ $w->instant($stop->from_at) }}">Correct it, or strike
        it out</summary>
    <div class="form">
        <form class="inline-form" method="post" action="/stops/{{ $stop->id }}">@csrf
            @method('put')
            <input type="hidden" name="version" value="{{ $stop->version }}">
            <input type="hidden" name="stop_id" value="{{ $stop->id }}">
            <div class="field"><label>Down since<br><input type="datetime-local" name="from_at"
                        required
                        value="{{ $mine ? old('from_at') : $local($stop->from_at) }}"></label></div>
            <div class="field"><label>Runs again since<br><input type="datetime-local"
                        name="to_at"
                        value="{{ $mine ? old('to_at') : $local($stop->to_at) }}"></label></div>
            <div class="field"><label>Reason<br><input name="stop_reason" required maxlength="120"
                        list="stop-reasons"
                        value="{{ $mine ? old('stop_reason') : $stop->reason }}"></label></div>
            <div class="field"><label>Note<br><input name="stop_note" maxlength="500"
                        value="{{ $mine ? old('stop_note') : $stop->note }}"></label></div>
            <div class="field"><label><input type="checkbox" name="planned" value="1"
                        @checked($mine ? old('planned') : $stop->planned)> A planned stop</label></div>
            <button class="btn strong">Save</button>
        </form>
        <form class="inline-form" method="post" action="/stops/{{ $stop->id }}/strike">@csrf
            <input type="hidden" name="version" value="{{ $stop->version }}">
            <input type="hidden" name="stop_id" value="{{ $stop->id }}">
            <div class="field"><label>Why it is struck out<br><input name="strike_reason" required
                        maxlength="250"></label></div>
            <button class="btn danger">Strike it out</button>
        </form>
    </div>
</details>

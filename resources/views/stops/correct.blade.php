{{-- The ways to put one stop right: its times and reason, or out with it. --}}
@php
    $local = fn($at) => $at === null ? '' : $w->local($at)->format('Y-m-d\TH:i');
@endphp
<details class="again">
    <summary aria-label="Correct the stop of {{ $w->instant($stop->from_at) }}">Correct it, or strike
        it out</summary>
    <div class="form">
        <form class="inline-form" method="post" action="/stops/{{ $stop->id }}">@csrf
            @method('put')
            <input type="hidden" name="version" value="{{ $stop->version }}">
            <input type="hidden" name="stop_id" value="{{ $stop->id }}">
            <div class="field"><label>Down since<br><input type="datetime-local" name="from_at"
                        required value="{{ $local($stop->from_at) }}"></label></div>
            <div class="field"><label>Runs again since<br><input type="datetime-local"
                        name="to_at" value="{{ $local($stop->to_at) }}"></label></div>
            <div class="field"><label>Reason<br><input name="stop_reason" required maxlength="120"
                        list="stop-reasons" value="{{ $stop->reason }}"></label></div>
            <div class="field"><label>Note<br><input name="stop_note" maxlength="500"
                        value="{{ $stop->note }}"></label></div>
            <div class="field"><label><input type="checkbox" name="planned" value="1"
                        @checked($stop->planned)> A planned stop</label></div>
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

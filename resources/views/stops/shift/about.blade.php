<div class="pair">
    <x-field name="team_id" label="Team" type="select">
        <option value="">none</option>
        @foreach ($form['teams'] as $team)
            <x-option name="team_id" :value="$team->id"
                :current="$form['team']">{{ $team->name }}</x-option>
        @endforeach
    </x-field>
    <x-field name="remark" label="Remark" :value="$record->remark" maxlength="1000" />
</div>
@php
@endphp
@foreach ($rests as $i => $rest)
    <div class="choices field"><label><input type="checkbox" name="worked[]"
                value="{{ $i }}" @checked(in_array($i, $record->worked(), true))>
            The break from
            {{ $w->local($rest['from'])->format('H:i') }} to
            {{ $w->local($rest['to'])->format('H:i') }} was worked</label>
    </div>
@endforeach

@isset($stop)
    <input type="hidden" name="stop" value="{{ $stop }}">
@endisset
<x-field name="title" label="What is to be done" :value="$title" required />
<div class="pair">
    <x-field name="asset" label="On which asset, or at which place" :value="$asset" required
        autocomplete="off" hint="Its tag." />
    <x-field name="type" label="Type" type="select">
        @foreach ($types as $one)
            <x-option name="type" :value="$one->name"
                :current="$type">{{ $one->name }}</x-option>
        @endforeach
    </x-field>
    <x-field name="priority" label="Priority" type="select"
        hint="Proposed from how soon it is wanted and how much depends on the asset.">
        @foreach ($lists->priorities() as $one)
            <x-option name="priority" :value="$one->value"
                :current="$priority->value">{{ $one->value }}</x-option>
        @endforeach
    </x-field>
    <x-field name="due_on" label="Due" type="date" :value="(string) $due"
        hint="Proposed from the priority." />
</div>
<div class="pair">
    <x-field name="method_id" label="Method" type="select" hint="Its plan is taken along.">
        <option value="">none: planned by hand</option>
        @foreach ($methods as $one)
            <x-option name="method_id" :value="$one->id">{{ $one->code }}
                {{ $one->name }}</x-option>
        @endforeach
    </x-field>
    <x-field name="team_id" label="Team" type="select">
        <option value="">the asset’s own</option>
        @foreach ($teams as $one)
            <x-option name="team_id" :value="$one->id"
                :current="$team">{{ $one->name }}</x-option>
        @endforeach
    </x-field>
    <x-field name="assignee_id" label="Person" type="select">
        <option value="">nobody yet</option>
        @foreach ($people as $one)
            <x-option name="assignee_id" :value="$one->id">{{ $one->name }}</x-option>
        @endforeach
    </x-field>
</div>
<x-field name="about" label="What was asked for" type="textarea" :value="$about" />

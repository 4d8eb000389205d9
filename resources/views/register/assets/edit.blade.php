<section class="part form" id="facts"><h3>Edit {{ $asset->name }}</h3>
<form method="post" action="/assets/{{ $asset->id }}">@csrf @method('put')
    <x-version :of="$asset" :labels="['tag' => 'Tag', 'name' => 'Name', 'make' => 'Make', 'model' => 'Model', 'serial' => 'Serial number', 'criticality' => 'Criticality', 'life_state' => 'Life state', 'in_service_on' => 'In service since', 'notes' => 'Notes']"/>
    <div class="pair"><x-field name="name" label="Name" :value="$asset->name" required/><x-field name="tag" label="Tag" :value="$asset->tag" required/></div>
    <div class="pair"><x-field name="class_id" label="Class" type="select" required>@foreach ($classes as $class)<x-option name="class_id" :value="$class->id" :current="$asset->class_id">{{ $class->name }}</x-option>@endforeach</x-field>
        <x-field name="stands" label="Stands at or inside (tag)" :value="$stands" required list="standings" autocomplete="off" hint="The tag of a location, or of the asset that it is a part of."/></div>
    @include('register.standings')
    <div class="pair"><x-field name="life_state" label="Life state" type="select" required hint="Out of service and retired assets make no orders.">@foreach (Sundial\Register\LifeState::cases() as $life)<x-option name="life_state" :value="$life->value" :current="$asset->life_state->value">{{ $life->value }}</x-option>@endforeach</x-field>
        <x-field name="criticality" label="Criticality" type="select" required>@foreach (['A', 'B', 'C'] as $letter)<x-option name="criticality" :value="$letter" :current="$asset->criticality">{{ $letter }}</x-option>@endforeach</x-field>
        <x-field name="team_id" label="Responsible team" type="select"><option value="">none</option>@foreach ($teams as $team)<x-option name="team_id" :value="$team->id" :current="$asset->team_id">{{ $team->name }}</x-option>@endforeach</x-field></div>
    <div class="pair"><x-field name="make" label="Make" :value="$asset->make"/><x-field name="model" label="Model" :value="$asset->model"/><x-field name="serial" label="Serial number" :value="$asset->serial"/><x-field name="in_service_on" label="In service since" type="date" :value="$asset->in_service_on"/></div>
    <x-field name="notes" label="Notes" type="textarea" :value="$asset->notes"/>
    <div class="foot-buttons"><button class="btn strong">Save the asset</button><a class="btn" href="/assets/{{ $asset->id }}">Leave unchanged</a></div>
</form></section>

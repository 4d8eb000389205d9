<section class="part" id="hands">
    <h3>Who does it <span class="aside quiet">at {{ $site->name }}</span></h3>
    @php
        $team = $teams->firstWhere('id', $hands?->teamId)?->name;
        $person = $hands?->personId === null ? null : $people[$hands->personId] ?? null;
        $fields = ['hands_team', 'hands_person'];
        $at = "/methods/{$method->id}/hands";
        $names = implode(', ', array_filter([$person, $team]));
    @endphp
    <p>{{ $names === '' ? 'Whoever is responsible for the asset.' : $names }}</p>
    @can('write-plans')
        <x-move title="Say who does it" :action="$at" method="put" button="Save" :fields="$fields">
            <div class="pair">
                <x-field name="hands_team" label="Team" type="select">
                    <option value="">whoever is responsible for the asset</option>
                    @foreach ($teams as $one)
                        <x-option name="hands_team" :value="$one->id"
                            :current="$hands?->teamId">{{ $one->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="hands_person" label="Person" type="select">
                    <option value="">nobody in particular</option>
                    @foreach ($people as $id => $name)
                        <x-option name="hands_person" :value="$id"
                            :current="$hands?->personId">{{ $name }}</x-option>
                    @endforeach
                </x-field>
            </div>
        </x-move>
    @endcan
</section>

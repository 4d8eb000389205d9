    <div class="pair">
        <x-field name="name" label="Name" :value="$location?->name" required /><x-field name="tag"
            label="Tag" :value="$location?->tag" required />
    </div>
    <x-field name="stands" label="Inside (tag of another location)" :value="$stands" list="standings"
        autocomplete="off" hint="Leave empty for a location that stands directly at the site." />
    @include('register.standings')
    @if ($people->isNotEmpty())
        <fieldset>
            <legend>Operators of this place: they see what stands here, and nothing else</legend>
            <div class="choices">
                @foreach ($people as $person)
                    <label><input type="checkbox" name="operators[]" value="{{ $person->id }}"
                            @checked(in_array($person->id, $operators, true))> {{ $person->name }}</label>
                @endforeach
            </div>
        </fieldset>
    @endif

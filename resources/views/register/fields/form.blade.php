<div class="head bare">
    <div>
        <div class="crumbs"><a href="/setup/fields">Extra fields</a></div>
        <h2>{{ $field->name ?? 'New field' }}</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post"
            action="{{ $field ? "/setup/fields/{$field->id}" : '/setup/fields' }}">@csrf
            @if ($field)
                @method('put') <x-version :of="$field" :labels="['name' => 'Name', 'unit' => 'Unit']" />
            @endif
            <div class="pair"><x-field name="name" label="Name" :value="$field?->name" required
                    maxlength="60" />
                <x-field name="class_id" label="For" type="select">
                    <option value="">all assets</option>
                    @foreach ($classes as $class)
                        <x-option name="class_id" :value="$class->id" :current="$field?->class_id ?? $for">class
                            {{ $class->name }}</x-option>
                    @endforeach
                </x-field>
            </div>
            <div class="pair"><x-field name="type" label="Holds" type="select" required
                    :hint="$held > 0
                        ? ($held === 1 ? '1 asset holds' : $held . ' assets hold') .
                            ' a value, so the type is fixed. Retire the field and add another to hold something else.'
                        : 'Choose with care: once an asset holds a value, the type is fixed.'">
                    @foreach ($lists->fieldTypes() as $type)
                        @if ($held === 0 || $type === $field->type)
                            <x-option name="type" :value="$type->value"
                                :current="$field?->type->value">{{ $type->value }}</x-option>
                        @endif
                    @endforeach
                </x-field>
                <x-field name="unit" label="Unit, for a number" :value="$field?->unit" list="units"
                    maxlength="12" autocomplete="off" />
            </div>
            <datalist id="units">
                @foreach ($units as $unit)
                    <option value="{{ $unit->symbol }}">{{ $unit->name }}</option>
                @endforeach
            </datalist>
            <x-field name="choices" label="Choices, for a choice: one in each line" type="textarea"
                :value="implode(PHP_EOL, $field->choices ?? [])" />
            <div class="choices field stacked"><label><input type="checkbox" name="required"
                        value="1" @checked($field?->required)> Needed: an asset is not saved
                    without it</label>
                @if ($field)
                    <label><input type="checkbox" name="retired" value="1"
                            @checked($field->retired)> Retired:
                        no longer asked for; what assets hold stays and comes back with it</label>
                @endif
            </div>
            <div class="foot-buttons"><button class="btn strong">Save the field</button><a
                    class="btn" href="/setup/fields">Back</a></div>
        </form>
    </div>
</div>

<x-sheet :title="$title">
    <x-slot:meta>{{ $says }}</x-slot:meta>
    @if ($fields->isNotEmpty())
        <table>
            <tbody>
                @foreach ($fields as $field)
                    <tr>
                        <td><b>{{ $field->label() }}</b></td>
                        <td class="quiet">
                            {{ $field->type->value }}{{ $field->choices ? ': ' . implode(', ', $field->choices) : '' }}
                        </td>
                        <td class="quiet">{{ $field->only_for ?? $all }}</td>
                        <td class="r">
                            <form class="inline" method="post"
                                action="{{ $by }}/{{ $field->id }}">@csrf
                                @method('delete')<button class="btn slim"
                                    aria-label="Retire {{ $field->name }}">retire</button></form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <form class="form" method="post" action="{{ $by }}">@csrf
        <div class="pair">
            <x-field name="name" label="Name" required maxlength="60" />
            <x-field name="type" label="Holds" type="select" required>
                @foreach ($kinds as $kind)
                    <x-option name="type" :value="$kind->value"
                        :current="null">{{ $kind->value }}</x-option>
                @endforeach
            </x-field>
            <x-field name="only_for" label="For" type="select">
                <option value="">{{ $all }}</option>
                @foreach ($sorts as $sort)
                    <x-option name="only_for" :value="$sort"
                        :current="null">{{ $sort }}</x-option>
                @endforeach
            </x-field>
        </div>
        <x-field name="unit" label="Unit, for a number" maxlength="12" />
        <x-field name="choices" label="Choices, for a choice: one in each line" type="textarea" />
        <button class="btn strong">Add the field</button>
    </form>
</x-sheet>

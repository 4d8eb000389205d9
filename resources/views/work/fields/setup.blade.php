<x-sheet title="Fields of orders">
    <x-slot:meta>What the plant keeps of its orders beside what Sundial asks for. They can be
        columns of
        the table of orders.</x-slot:meta>
    @if ($fields->isNotEmpty())
        <table>
            <tbody>
                @foreach ($fields as $field)
                    <tr>
                        <td><b>{{ $field->label() }}</b></td>
                        <td class="quiet">
                            {{ $field->type->value }}{{ $field->choices ? ': ' . implode(', ', $field->choices) : '' }}
                        </td>
                        <td class="quiet">{{ $field->order_type ?? 'all orders' }}</td>
                        <td class="r">
                            <form class="inline" method="post"
                                action="/setup/order-fields/{{ $field->id }}">@csrf
                                @method('delete')<button class="btn slim"
                                    aria-label="Retire {{ $field->name }}">retire</button></form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <form class="form" method="post" action="/setup/order-fields">@csrf
        <div class="pair">
            <x-field name="name" label="Name" required maxlength="60" />
            <x-field name="type" label="Holds" type="select" required>
                @foreach ($kinds as $kind)
                    <x-option name="type" :value="$kind->value"
                        :current="null">{{ $kind->value }}</x-option>
                @endforeach
            </x-field>
            <x-field name="order_type" label="For" type="select">
                <option value="">all orders</option>
                @foreach ($types as $type)
                    <x-option name="order_type" :value="$type->name"
                        :current="null">{{ $type->name }}</x-option>
                @endforeach
            </x-field>
        </div>
        <x-field name="unit" label="Unit, for a number" maxlength="12" />
        <x-field name="choices" label="Choices, for a choice: one in each line" type="textarea" />
        <button class="btn strong">Add the field</button>
    </form>
</x-sheet>

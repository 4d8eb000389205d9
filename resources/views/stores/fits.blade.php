<h3>
    Spare parts fitted</h3>
@if ($fits === [])
    <p class="quiet small">No spare part is listed.</p>
@else
    <table>
        <thead>
            <tr>
                <th>part number</th>
                <th>what</th>
                <th class="r">fitted</th>
                <th class="drop">note</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($fits as $fit)
                <tr>
                    <td class="tag"><a href="/parts/{{ $fit->partId }}">{{ $fit->number }}</a>
                    </td>
                    <td>{{ $fit->name }}</td>
                    <td class="r">{{ $fit->fitted }}</td>
                    <td class="drop">
                        {{ $fit->isOwn ? $fit->note : 'as every asset of its class' }}
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@includeWhen($pieces->isNotEmpty(), 'stores.lots.fitted')
@right('write-register')
    <details class="act" @if ($errors->hasAny(['part_number', 'part_name', 'quantity', 'part_note'])) open @endif>
        <summary>Add or change a line</summary>
        <form method="post" action="/assets/{{ $assetId }}/parts">@csrf
            <div class="pair"><x-field name="part_number" label="Part number" required
                    list="part-numbers" autocomplete="off" /><x-field name="part_name"
                    label="What it is"
                    hint="Only where the catalogue does not know the number yet." /><x-field
                    name="quantity" label="Fitted" required inputmode="decimal"
                    hint="0 takes the line off." /><x-field name="part_note" label="Note" /></div>
            <datalist id="part-numbers">
                @foreach ($fits as $fit)
                    <option value="{{ $fit->number }}">{{ $fit->name }}</option>
                @endforeach
            </datalist><button class="btn">Save the line</button>
        </form>
    </details>
@endright

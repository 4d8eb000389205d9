<h3>
    Spare parts fitted</h3>
@if ($parts->isEmpty())
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
            @foreach ($parts as $part)
                <tr>
                    <td class="tag">{{ $part->number }}</td>
                    <td>{{ $part->name }}</td>
                    <td class="r">{{ $part->fitted }}</td>
                    <td class="drop">{{ $part->note }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@right('write-register')
    <details class="act" @if ($errors->hasAny(['part_number', 'part_name', 'quantity', 'part_note'])) open @endif>
        <summary>Add or change a line</summary>
        <form method="post" action="/assets/{{ $assetId }}/parts">@csrf
            <div class="pair"><x-field name="part_number" label="Part number" required
                    list="part-numbers" autocomplete="off" /><x-field name="part_name"
                    label="What it is" required /><x-field name="quantity" label="Fitted" required
                    inputmode="decimal" hint="0 takes the line off." /><x-field name="part_note"
                    label="Note" /></div>
            <datalist id="part-numbers">
                @foreach ($parts as $part)
                    <option value="{{ $part->number }}">{{ $part->name }}</option>
                @endforeach
            </datalist><button class="btn">Save the line</button>
        </form>
    </details>
@endright

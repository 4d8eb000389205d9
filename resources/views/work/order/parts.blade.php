<section class="part" id="parts">
    <h3>Parts <span @class(['aside', 'quiet' => !$partsShort, 'late-text' => $partsShort])>{{ $partsSaid }}</span>
    </h3>
    @if ($order->parts->isEmpty() && $order->uses->isEmpty())
        <p class="quiet small">No part is planned.</p>
    @endif
    @if ($order->parts->isNotEmpty())
        <div class="scroll">
            <table>
                <thead>
                    <tr>
                        <th>part</th>
                        <th class="r">need</th>
                        <th>from</th>
                        <th class="r">used</th>
                        @if ($seesCosts)
                            <th class="r">planned</th>
                        @endif
                        <th></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($order->parts as $line)
                        <tr>
                            <td>
                                @if ($line->part)
                                    <a href="/parts/{{ $line->part_id }}">{{ $line->name }}</a>
                                    <span class="tag">{{ $line->part->number }}</span>
                                @else
                                    {{ $line->name }}
                                @endif
                                @if ($line->asset_id && $bookedOn !== [])
                                    <span class="small quiet">for
                                        {{ $order->rows->firstWhere('asset_id', $line->asset_id)?->label() }}</span>
                                @endif
                                @if ($line->step_id)
                                    <span class="small quiet">for step
                                        {{ $order->steps->firstWhere('id', $line->step_id)?->position }}</span>
                                @endif
                            </td>
                            <td class="r">{{ $w->quantity($line->quantity) }}
                                {{ $line->unit }}
                            </td>
                            <td>{{ $line->source->value }}
                                @isset($readyOf[$line->id])
                                    <span
                                        @class([
                                            'small',
                                            'late-text' => !$readyOf[$line->id][1],
                                            'quiet' => $readyOf[$line->id][1],
                                        ])>{{ $readyOf[$line->id][0] }}</span>
                                @endisset
                            </td>
                            <td class="r">
                                {{ $usedOf[$line->id] ?? '' }}
                            </td>
                            @if ($seesCosts)
                                <td class="r">
                                    {{ $line->cost() === null ? 'no price' : $w->money($line->cost()) }}
                                </td>
                            @endif
                            <td class="r">@include('work.order.off', [
                                'kind' => 'part',
                                'id' => $line->id,
                                'what' => $line->name,
                            ])</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    @endif
    @include('work.order.uses')
    @if ($mayPlan)
        @php
            $fields = ['part', 'part_quantity', 'source', 'part_price', 'part_step', 'part_row'];
        @endphp
        <x-move title="+ part" :action="$by . '/plan/part'" button="Put it into the plan" :fields="$fields">
            <div class="pair">
                <x-field name="part" label="Part number, or what is bought in" required
                    list="part-list" autocomplete="off" />
                <x-field name="part_quantity" label="How many" value="1" required
                    inputmode="decimal" />
                <x-field name="source" label="From" type="select">
                    @foreach ($lists->partSources() as $source)
                        <x-option name="source" :value="$source->value">{{ $source->value }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="part_price" label="Price of one" inputmode="decimal"
                    hint="Where the catalogue does not know it." />
                <x-field name="part_step" label="For step" type="number" min="1" />
                @if ($bookedOn !== [])
                    <x-field name="part_row" label="For" type="select">
                        <option value="">all of them</option>
                        @foreach ($bookedOn as $id => $tag)
                            <x-option name="part_row"
                                :value="$id">{{ $tag }}</x-option>
                        @endforeach
                    </x-field>
                @endif
            </div>
        </x-move>
    @endif
    <datalist id="part-list">
        @foreach ($fits as $fit)
            <option value="{{ $fit->number }} {{ $fit->name }}"></option>
        @endforeach
    </datalist>
</section>

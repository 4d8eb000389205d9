<div class="head bare">
    <div>
        <h2>Priorities</h2>
        <div class="meta">What is proposed when a request is accepted or an order raised; both can
            be
            overruled.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        <form method="post" action="/setup/priorities">@csrf @method('put')
            <x-seen :mark="$seen" />
            <table>
                <thead>
                    <tr>
                        <th>wanted</th>
                        @foreach ($criticalities as $one)
                            <th>criticality {{ $one }}</th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($lists->howSoon() as $soon)
                        <tr>
                            <th scope="row">{{ $soon->value }}</th>
                            @foreach ($criticalities as $one)
                                @php
                                    $name = "proposed[{$soon->value}][{$one}]";
                                    $key = "proposed.{$soon->value}.{$one}";
                                    $current = $table->proposed($soon, $one)->value;
                                @endphp
                                <td><select name="{{ $name }}"
                                        aria-label="{{ $soon->value }}, criticality {{ $one }}">
                                        @foreach ($lists->priorities() as $priority)
                                            <option @selected($current === $priority->value)>
                                                {{ $priority->value }}</option>
                                        @endforeach
                                    </select></td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <div class="pair">
                @foreach ($lists->priorities() as $priority)
                    <x-field name="days[{{ $priority->value }}]"
                        label="{{ ucfirst($priority->value) }}: due within days" type="number"
                        min="0" max="365" :value="$table->within($priority)" required />
                @endforeach
            </div>
            <button class="btn strong">Save the table</button>
        </form>
    </div>
</div>

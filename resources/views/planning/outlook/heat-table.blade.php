<details class="act">
    <summary>The same as a table</summary>
    <div class="scroll">
        <table class="dense">
            <thead>
                <tr>
                    <th>{{ $heat->by }} of</th>
                    @foreach ($heat->trades() as $trade)
                        <th class="r">{{ $trade }}</th>
                    @endforeach
                    <th class="r">visits</th>
                    <th class="r">of them expected</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($heat->table as $line)
                    <tr>
                        <td>{{ $w->day($line['from']) }}</td>
                        @foreach ($line['says'] as $says)
                            <td class="r">{{ $says }}</td>
                        @endforeach
                        <td class="r">{{ $line['visits'] ?: '' }}</td>
                        <td class="r">{{ $line['expected'] ?: '' }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
</details>

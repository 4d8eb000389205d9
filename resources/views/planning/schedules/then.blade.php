@if ($shown->then !== [])
    <div class="scroll">
        <table class="slim">
            <thead>
                <tr>
                    <th>then, if each is done on its day</th>
                    <th class="r">order made</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($shown->then as $later)
                    <tr>
                        <td>{{ $later['day'] }}
                            @if ($later['level'])
                                <span class="tag">{{ $later['level'] }}</span>
                            @endif
                            @if ($later['between'])
                                <span class="quiet small">{{ $later['between'] }}</span>
                            @endif
                        </td>
                        <td class="r">{{ $later['made'] }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
@endif

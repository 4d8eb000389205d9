<x-section title="Visits so far" id="visits">
    @if ($shown->past === [])
        <p class="quiet small">None yet.</p>
    @else
        <div class="scroll">
            <table class="form">
                <thead>
                    <tr>
                        <th class="r">no.</th>
                        @if ($shown->hasLadder)
                            <th>level</th>
                        @endif
                        <th>planned</th>
                        <th>what became of it</th>
                        <th class="r">order</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($shown->past as $one)
                        <tr>
                            <td class="r">{{ $one['number'] }}</td>
                            @if ($shown->hasLadder)
                                <td>{{ $one['level'] }}</td>
                            @endif
                            <td>{{ $one['planned'] }}</td>
                            <td>{{ $one['became'] }}
                                @if ($one['why'])
                                    <div class="quiet small">{{ $one['why'] }}</div>
                                @endif
                            </td>
                            <td class="r tag">{{ $one['label'] }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    @endif
</x-section>

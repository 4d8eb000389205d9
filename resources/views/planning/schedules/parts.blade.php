<x-section title="Parts each visit takes">
    @if ($lines === [])
        <p class="quiet">None yet.</p>
    @else
        <table>
            <tbody>
                @foreach ($lines as $line)
                    <tr>
                        <td><a href="/parts/{{ $line['id'] }}">{{ $line['name'] }}</a> <span
                                class="tag">{{ $line['number'] }}</span>
                            @if ($line['from'])
                                <span class="tag">from {{ $line['from'] }}</span>
                            @endif
                        </td>
                        <td class="r">{{ $line['many'] }}</td>
                        <td class="quiet">{{ $line['free'] }}</td>
                        @can('write-plans')
                            <td class="r">
                                <form method="post" action="/methods/{{ $method->id }}/parts">@csrf
                                    @method('delete')<input type="hidden" name="number"
                                        value="{{ $line['number'] }}"><input type="hidden"
                                        name="level" value="{{ $line['level'] }}"><button
                                        class="link" aria-label="Take {{ $line['name'] }} off">Take
                                        off</button>
                                </form>
                            </td>
                        @endcan
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @can('write-plans')
        @includeUnless($schedule->ended, 'planning.methods.tie')
    @endcan
</x-section>

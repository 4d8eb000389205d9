<x-section title="Worth by store and class" id="value">
    <table>
        <thead>
            <tr>
                <th>store</th>
                <th>class</th>
                <th class="r">parts</th>
                <th class="r">worth</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($value as $one)
                <tr>
                    <td>{{ $one->store }}</td>
                    <td>
                        @if ($one->class)
                            <a href="/parts?q={{ urlencode($one->class) }}">{{ $one->class }}</a>
                        @else
                            no class
                        @endif
                    </td>
                    <td class="r">{{ $one->parts }}</td>
                    <td class="r">{{ $w->money((int) $one->cents) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</x-section>

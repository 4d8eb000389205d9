<x-sheet title="Shutdowns">
    <x-slot:crumbs><a href="/orders">Work</a></x-slot:crumbs>
    <x-slot:meta>Orders that are worked while something stands, from when to when.</x-slot:meta>
    <x-slot:acts>
        @can('plan-orders')
            <a class="btn strong" href="/shutdowns/new">New shutdown</a>
        @endcan
    </x-slot:acts>
    @if ($shutdowns->isEmpty())
        <p class="quiet">There is none yet. Open one for the next time a line stands, and put its
            work
            into it.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>shutdown</th>
                    <th>from</th>
                    <th>to</th>
                    <th class="drop">stands</th>
                    <th class="r">orders done</th>
                    <th class="r">hours left</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($shutdowns as $one)
                    <tr>
                        <td><a href="/shutdowns/{{ $one->id }}">{{ $one->title }}</a>
                            <span class="tag">{{ $one->label() }}</span>
                            @if ($one->isOver())
                                <span class="quiet small">over</span>
                            @endif
                        </td>
                        <td>{{ $w->instant($one->from_at) }}</td>
                        <td>{{ $w->instant($one->to_at) }}</td>
                        <td class="drop quiet">{{ $one->standing->pluck('tag')->join(', ') }}</td>
                        <td class="r">{{ $progress[$one->id]->ordersDone() }} of
                            {{ $progress[$one->id]->orders() }}</td>
                        <td class="r">{{ $w->minutes($progress[$one->id]->left()) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-sheet>

<x-section title="Who had it" id="loans">
    <table>
        <tbody>
            @foreach ($loans as $loan)
                <tr>
                    <td>{{ $loan->to_who }}</td>
                    <td>{{ $loan->label }}</td>
                    <td>{{ $w->day($loan->lent_on) }}
                        {{ $loan->back_on ? 'to ' . $w->day($loan->back_on) : 'until now' }}</td>
                    <td class="quiet small">{{ $loan->note }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</x-section>

<x-section title="Booked" id="booked">
    @foreach ($clashes as [$one, $other])
        <p class="late-text">Booked twice: {{ $one->label }} and {{ $other->label }} want it on the
            same day. Move one of them.</p>
    @endforeach
    @if ($shown->bookings === [])
        <p class="quiet small">Nothing has booked it. An order books it on its own sheet.</p>
    @else
        <table>
            <tbody>
                @foreach ($shown->bookings as $one)
                    <tr>
                        <td>{{ $w->weekdays($one->from_on, $one->to_on) }}</td>
                        <td><a
                                href="/{{ $one->subject_kind }}s/{{ $one->subject_id }}">{{ $one->label }}</a>
                        </td>
                        <td class="quiet">{{ $one->who }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-section>

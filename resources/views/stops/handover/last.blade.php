<section class="part" id="before">
    <h3>Handed over before</h3>
    <table>
        <tbody>
            @foreach ($last as $one)
                <tr>
                    <td><a href="/handovers/{{ $one->id }}">{{ $w->day($one->day) }},
                            {{ $one->shift }}</a></td>
                    <td>{{ $one->given_who }}</td>
                    <td>{{ $one->taken_who ?? 'not taken yet' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</section>

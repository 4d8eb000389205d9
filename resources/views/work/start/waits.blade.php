<section class="part" id="waits">
    <h3>Waits for</h3>
    @if ($waits === [])
        <p class="quiet small">Nothing waits for anybody.</p>
    @else
        <table>
            <tbody>
                @foreach ($waits as [$for, $href, $many, $since])
                    <tr>
                        <td><a href="{{ $href }}">{{ $for }}</a></td>
                        <td>{{ $many }}</td>
                        <td class="r quiet">{{ $since }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>

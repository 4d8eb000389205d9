<section class="part" id="more">
    <h3>Other suppliers</h3>
    <table>
        <thead>
            <tr>
                <th>supplier</th>
                <th class="r">lines</th>
                <th class="r">run short</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($more as $one)
                <tr>
                    <td><a href="/purchases?supplier={{ $one['id'] }}">{{ $one['name'] }}</a>
                    </td>
                    <td class="r">{{ $one['lines'] }}</td>
                    <td class="r">{{ $one['late'] ?: '—' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</section>

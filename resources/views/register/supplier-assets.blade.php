<h3>
    Assets from them <span class="aside">{{ $count }}</span></h3>
@if ($count === 0)
    <p class="quiet small">No asset of this site names them as its supplier.</p>
@else
    <table>
        <thead>
            <tr>
                <th>asset</th>
                <th class="drop">class</th>
                <th>warranty until</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($assets as $asset)
                <tr>
                    <td><a href="/assets/{{ $asset->id }}">{{ $asset->name }}</a> <span
                            class="tag">{{ $asset->tag }}</span></td>
                    <td class="drop">{{ $asset->class_name }}</td>
                    <td>{{ $asset->warranty_until ? $w->day($asset->warranty_until) : '—' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($count > count($assets))
        <p class="quiet small">The first {{ count($assets) }} of them.</p>
    @endif
@endif

<section class="part" id="down">
    <h3>Down now <span class="aside quiet">{{ $down->count() ?: '' }}</span></h3>
    @if ($down->isEmpty())
        <p class="quiet small">Nothing is down. Say so on an asset's sheet when it stands.</p>
    @else
        <table>
            <tbody>
                @foreach ($down as $one)
                    <tr>
                        <td><a href="/assets/{{ $one->asset_id }}#stops">{{ $one->asset }}</a>
                            <span class="tag">{{ $one->tag }}</span>
                        </td>
                        <td class="late-text">
                            {{ $one->reason }}{{ $one->planned ? ' (planned)' : '' }}
                        </td>
                        <td class="r">since {{ $w->instant($one->from_at) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>

<x-section title="Fits" id="fits">
    @if ($fits->isEmpty())
        <p class="quiet small">It stands on no spare-parts list of this site.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>where</th>
                    <th class="r">fitted</th>
                    <th class="drop">note</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($fits as $fit)
                    <tr>
                        <td>
                            @if ($fit->asset)
                                <a href="/assets/{{ $fit->asset_id }}">{{ $fit->asset->name }}</a>
                                <span class="tag">{{ $fit->asset->tag }}</span>
                            @else
                                every {{ $fit->class?->name }}
                            @endif
                        </td>
                        <td class="r">{{ $fit->fitted() }}</td>
                        <td class="drop">{{ $fit->note }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-section>

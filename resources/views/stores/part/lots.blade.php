<section class="part" id="lots">
    <h3>{{ $part->tracked === 'serial' ? 'Serial numbers' : 'Batches' }}</h3>
    @error('off_reason')
        <p class="said said-bad" role="alert">{{ $message }}</p>
    @enderror
    @if ($lots->isEmpty())
        <p class="quiet small">None has come yet: what comes in names its
            {{ $part->tracked === 'serial' ? 'serial numbers' : 'batch' }} from now on.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>{{ $part->tracked === 'serial' ? 'number' : 'batch' }}</th>
                    <th>where</th>
                    @if ($part->tracked === 'batch')
                        <th class="r">there</th>
                        <th>keeps until</th>
                    @endif
                    <th>came</th>
                    <th></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($lots as $lot)
                    @include('stores.part.lot')
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($fittings->isNotEmpty())
        <details>
            <summary>Fitted and taken off</summary>
            <ul class="plain small">
                @foreach ($fittings as $one)
                    <li><span class="tag">{{ $one->name }}</span> {{ $one->did }}
                        {{ $one->did === 'fitted' ? 'to' : 'from' }} <a
                            href="/assets/{{ $one->asset_id }}">{{ $one->asset }}</a>
                        {{ $w->day($one->did_on) }}, {{ $one->label }} <span
                            class="quiet">{{ $one->who }}</span></li>
                @endforeach
            </ul>
        </details>
    @endif
</section>

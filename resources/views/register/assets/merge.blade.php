<div class="head bare">
    <div>
        <div class="crumbs"><a href="/assets/{{ $asset->id }}">{{ $asset->name }}
                {{ $asset->tag }}</a></div>
        <h2>Merge another record into {{ $asset->name }}</h2>
        <div class="meta">For when two records turn out to be one asset: {{ $asset->tag }} stays
            and takes over all
            history; the other is retired and leads here.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        @error('other')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        <form class="inline-form" method="get" action="/assets/{{ $asset->id }}/merge">
            <div class="field"><label>Tag of the other record<br><input name="other"
                        value="{{ $tag }}" required maxlength="40"></label></div><button
                class="btn">See what would happen</button>
        </form>
        @if ($refused)
            <div class="note bad" role="alert">{{ $refused }}</div>
        @endif
        @if ($other)
            <section class="part">
                <h3>{{ $other->name }} <span class="tag">{{ $other->tag }}</span> would be
                    merged into
                    {{ $asset->name }} <span class="tag">{{ $asset->tag }}</span></h3>
                <p>{{ $follows === [] ? 'Nothing hangs on it.' : 'These go over:' }}</p>
                @if ($follows !== [])
                    <ul>
                        @foreach ($follows as $follow)
                            <li>{{ $follow }}</li>
                        @endforeach
                    </ul>
                @endif
                @if ($merging->filled !== [])
                    <p>Filled in, because {{ $asset->tag }} has none:
                        @php
                            $filledWords = implode(
                                ', ',
                                array_map(
                                    fn($fact) => str_replace(
                                        ['_id', '_cents', '_'],
                                        ['', '', ' '],
                                        $fact,
                                    ),
                                    array_keys($merging->filled),
                                ),
                            );
                        @endphp
                        {{ $filledWords }}.
                    </p>
                @endif
                @if ($merging->differ !== [])
                    <table>
                        <thead>
                            <tr>
                                <th>differs</th>
                                <th>stays, from {{ $asset->tag }}</th>
                                <th>goes, from {{ $other->tag }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($merging->differ as $fact => [$stays, $goes])
                                <tr>
                                    <td>{{ str_replace(['_id', '_cents', '_'], ['', '', ' '], $fact) }}
                                    </td>
                                    <td>{{ Str::limit((string) $stays, 60, '…') }}</td>
                                    <td>{{ Str::limit((string) $goes, 60, '…') }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endif
                <form method="post" action="/assets/{{ $asset->id }}/merge">@csrf<input
                        type="hidden" name="other_id" value="{{ $other->id }}"><button
                        class="btn danger">Merge
                        {{ $other->tag }} into {{ $asset->tag }}</button> <a class="btn"
                        href="/assets/{{ $asset->id }}">Leave both</a></form>
                <p class="quiet small">A merge cannot be taken back.</p>
            </section>
        @endif
    </div>
</div>

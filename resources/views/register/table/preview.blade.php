<div class="head bare">
    <div>
        <div class="crumbs"><a href="/assets/table{{ $back }}">Assets as a table</a></div>
        <h2>Set {{ $label }} of {{ $w->count($count, 'asset') }}</h2>
        <div class="meta">Nothing is changed yet.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form method="post" action="/assets/table/change" class="buttons">@csrf<input type="hidden"
                name="back" value="{{ $back }}"><input type="hidden" name="field"
                value="{{ $field }}"><input type="hidden" name="value"
                value="{{ $field[0] === 'x' && $value !== null ? $new : $value }}">
            @foreach ($ids as $id)
                <input type="hidden" name="assets[]" value="{{ $id }}">
            @endforeach
            <button class="btn strong">
                Set it for {{ $count === 1 ? 'this one' : "these {$count}" }}</button><a
                class="btn" href="/assets/table{{ $back }}">Leave all as they are</a>
        </form>
        <table class="dense">
            <thead>
                <tr>
                    <th>asset</th>
                    <th>{{ $label }} now</th>
                    <th>then</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($lines as [$asset, $old])
                    <tr @class(['quietly' => $old === $new])>
                        <td>{{ $asset->name }} <span class="tag">{{ $asset->tag }}</span>
                        </td>
                        <td>{{ $old }}</td>
                        <td>{{ $old === $new ? 'stays' : $new }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($count > count($lines))
            <p class="quiet small">The first {{ count($lines) }} of {{ $count }}.</p>
        @endif
    </div>
</div>

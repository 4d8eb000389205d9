<div class="head bare">
    <div>
        <div class="crumbs"><a href="{{ $back }}">Orders as a table</a></div>
        <h2>{{ $title }}</h2>
        <div class="meta">Nothing is changed yet.
            @if ($what->canBeUndone())
                It can be taken back afterwards.
            @else
                It cannot be taken back.
            @endif
        </div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form method="post" action="/orders/table/change" class="buttons">@csrf<input type="hidden"
                name="back" value="{{ Str::after($back, '/orders/table') }}"><input
                type="hidden" name="set" value="{{ $what->value }}"><input type="hidden"
                name="value" value="{{ $value }}">
            @foreach ($ids as $id)
                <input type="hidden" name="orders[]" value="{{ $id }}">
            @endforeach
            <button class="btn strong">Change {{ $w->count($changed, 'order') }}</button><a
                class="btn" href="{{ $back }}">Leave all as they are</a>
        </form>
        <table class="dense">
            <thead>
                <tr>
                    <th>order</th>
                    <th>{{ $what->move() ? 'state' : $what->label() }} now</th>
                    <th>then</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($lines as $line)
                    <tr @class(['quietly' => !$line['changes']])>
                        <td>{{ $line['order']->title }} <span
                                class="tag">{{ $line['order']->label() }}</span></td>
                        <td>{{ $line['old'] }}</td>
                        <td>{{ $line['new'] }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($count > count($lines))
            <p class="quiet small">The first {{ count($lines) }} of {{ $count }}.</p>
        @endif
    </div>
</div>

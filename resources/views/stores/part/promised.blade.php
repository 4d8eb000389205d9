<section class="part" id="promised">
    <h3>Promised <span class="aside quiet">whoever stands first gets first: by priority, day,
            approval</span></h3>
    <table>
        <thead>
            <tr>
                <th>for</th>
                <th class="r">wants</th>
                <th class="r">promised</th>
                <th>who</th>
                <th>needed</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($claims->first as $claim)
                <tr>
                    <td><a
                            href="/{{ $claim->subject_kind }}s/{{ $claim->subject_id }}">{{ $claim->label }}</a>
                    </td>
                    <td class="r">{{ $w->quantity($claim->quantity) }}</td>
                    <td class="r {{ $claim->short() > 0 ? 'late' : '' }}">
                        {{ $w->quantity($claim->promised) }}{{ $claim->picked > 0 ? ', set aside' : '' }}
                    </td>
                    <td>{{ $claim->who ?? 'nobody yet' }}</td>
                    <td>{{ $claim->needed_on ? $w->weekday($claim->needed_on) : '—' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($claims->isMore())
        <p class="quiet small">The first {{ $claims->first->count() }} of
            {{ $w->number($claims->many) }}, by rank.</p>
    @endif
</section>

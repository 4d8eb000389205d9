@php
    $ready = $lines->where('promised', '>', 0);
    $aside = $ready->isNotEmpty() && $ready->every(fn($one) => $one->picked >= $one->promised);
@endphp
<section class="part pick" id="pick-{{ $first->subject_id }}">
    <h3><span><a class="plain" href="/orders/{{ $first->subject_id }}">{{ $first->label }}</a></span>
        <span
            class="aside quiet">{{ $first->needed_on ? $w->weekday($first->needed_on) : 'no day' }},
            {{ $first->who ?? 'nobody yet' }}{{ $aside ? ', set aside' : '' }}</span>
    </h3>
    <table>
        <tbody>
            @foreach ($lines as $one)
                <tr>
                    <td class="bin tag">{{ $one->bin ?? '—' }}</td>
                    <td class="quiet">{{ $one->store }}</td>
                    <td><a href="/parts/{{ $one->part_id }}">{{ $one->name }}</a> <span
                            class="tag">{{ $one->number }}</span></td>
                    <td class="r">{{ $w->quantity($one->promised) }}
                        {{ $one->unit }}
                        @if ($one->promised < $one->quantity)
                            <span class="late-text">of {{ $w->quantity($one->quantity) }}</span>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @right('keep-stores')
        @if ($ready->isNotEmpty() && $first->subject_kind === 'order')
            <div class="buy-foot">
                @unless ($aside)
                    <form method="post" action="/orders/{{ $first->subject_id }}/kit">@csrf<button
                            class="btn slim">Set aside</button></form>
                @endunless
                <form method="post" action="/orders/{{ $first->subject_id }}/hand-over">
                    @csrf<button class="btn slim">Hand over all that is there</button></form>
            </div>
        @endif
    @endright
</section>

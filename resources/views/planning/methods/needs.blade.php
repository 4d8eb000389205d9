@if ($visitCosts !== [])
    @php
        $each = array_map(
            fn(string $level, $cost) => trim("{$level} {$w->cost($cost)}"),
            array_keys($visitCosts),
            $visitCosts,
        );
    @endphp
    <p class="small">One visit is planned to cost <b>{{ implode(', ', $each) }}</b> at today’s rates
        and prices.</p>
@endif
@if ($revision?->parts->isNotEmpty() || $revision?->services->isNotEmpty())
    <section class="part">
        <h3>Parts and services</h3>
        <table>
            <tbody>
                @foreach ($revision->parts as $line)
                    <tr>
                        <td><a href="/parts/{{ $line->part_id }}">{{ $line->part->name }}</a>
                            <span class="tag">{{ $line->part->number }}</span>
                            @if ($ladder && $line->level > 1)
                                <span class="tag">from {{ $ladder->name($line->level) }}</span>
                            @endif
                        </td>
                        <td class="r">{{ $w->quantity($line->quantity) }}
                            {{ $line->part->unit }}</td>
                    </tr>
                @endforeach
                @foreach ($revision->services as $line)
                    <tr>
                        <td>{{ $line->what }}
                            @if ($ladder && $line->level > 1)
                                <span class="tag">from {{ $ladder->name($line->level) }}</span>
                            @endif
                        </td>
                        <td class="r">
                            @can('see-costs')
                                {{ $line->cents === null ? '' : $w->money($line->cents) }}
                            @endcan
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
@endif
@can('write-plans')
    @if ($method->inForce && !$draft)
        @include('planning.methods.tie', ['draft' => null, 'others' => 0])
    @endif
@endcan

@php
    $says = function (?array $step, $ladder) use ($w, $answers) {
        $asks =
            $step === null
                ? ''
                : ($step['answer'] === 'tick'
                    ? ''
                    : 'asks for ' . $answers[$step['answer']]);
        return $step === null
            ? []
            : array_filter([
                $step['detail'],
                $step['safety'] ? "Beware: {$step['safety']}" : null,
                trim(
                    implode(
                        ' · ',
                        array_filter([
                            $step['minutes'] ? $w->minutes($step['minutes']) : null,
                            $ladder && $step['level'] > 1
                                ? 'from ' . $ladder->name($step['level'])
                                : null,
                            $asks,
                            implode(
                                ' ',
                                array_filter([
                                    $step['unit'],
                                    $step['low'] !== null ? 'from ' . (float) $step['low'] : null,
                                    $step['high'] !== null ? 'to ' . (float) $step['high'] : null,
                                ]),
                            ),
                            $step['choices'],
                            $step['each_asset'] ? 'for each asset' : null,
                        ]),
                    ),
                ),
            ]);
    };
    $labels = [
        'purpose' => 'What it is for',
        'order_type' => 'Type',
        'priority' => 'Priority',
        'ladder' => 'Service ladder',
        'tools' => 'Tools',
        'precautions' => 'Permits and precautions',
    ];
    $labour = fn($revision) => $revision->labour
        ->map(
            fn($line) => "{$line->people} × {$line->trade->name}, {$w->minutes($line->minutes)}" .
                ($line->level > 1 ? " (level {$line->level})" : ''),
        )
        ->implode('; ') ?:
    'none named';
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="/methods">Methods</a> › <a
                href="/methods/{{ $method->id }}">{{ $method->name }}</a>
        </div>
        <h2>What changed <span class="tag">{{ $method->code }}</span></h2>
    </div>
</div>
<div class="body whole">
    <div class="secs">
        <form class="inline-form" method="get" action="/methods/{{ $method->id }}/compare"
            hx-trigger="change">
            @foreach (['old' => $old, 'new' => $new] as $side => $chosen)
                <div class="field"><label>{{ $side === 'old' ? 'from' : 'to' }} <select
                            name="{{ $side }}">
                            @foreach ($revisions as $one)
                                <option value="{{ $one->number }}" @selected($one->number === $chosen->number)>
                                    revision
                                    {{ $one->number }}, {{ $one->state->value }}</option>
                            @endforeach
                        </select>
                    </label></div>
            @endforeach
            <noscript>
                <button class="btn slim">Compare</button></noscript>
        </form>
        <div class="scroll">
            <table class="beside">
                <thead>
                    <tr>
                        <th scope="col"></th>
                        <th scope="col">revision {{ $old->number }}</th>
                        <th scope="col">revision {{ $new->number }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($rows as [$a, $b, $change])
                        <tr @class([str_replace(' ', '-', $change->value)])>
                            <th scope="row">
                                {{ $change->value === 'same' ? '' : $change->value }}</th>
                            @foreach ([[$a, $was, $ladders[0]], [$b, $is, $ladders[1]]] as [$at, $content, $ladder])
                                <td>
                                    @if ($at !== null)
                                        <b>{{ $at + 1 }}</b>
                                        {{ $content->steps[$at]['text'] }}@if ($change->value !== 'same')
                                            @foreach ($says($content->steps[$at], $ladder) as $line)
                                                <div class="quiet small">{{ $line }}</div>
                                            @endforeach
                                        @endif
                                    @endif
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                    @foreach ($labels as $field => $label)
                        @if ($was->head[$field] !== $is->head[$field])
                            <tr class="changed">
                                <th scope="row">{{ $label }}</th>
                                <td class="pre">{{ $was->head[$field] ?? '—' }}</td>
                                <td class="pre">{{ $is->head[$field] ?? '—' }}</td>
                            </tr>
                        @endif
                    @endforeach
                    @foreach (['Parts' => 'partsText', 'Services' => 'servicesText'] as $label => $text)
                        @if ($was->$text() !== $is->$text())
                            <tr class="changed">
                                <th scope="row">{{ $label }}</th>
                                <td class="pre">{{ $was->$text() ?: '—' }}</td>
                                <td class="pre">{{ $is->$text() ?: '—' }}</td>
                            </tr>
                        @endif
                    @endforeach
                    @if ($was->labour !== $is->labour)
                        <tr class="changed">
                            <th scope="row">Labour</th>
                            <td>{{ $labour($old) }}</td>
                            <td>{{ $labour($new) }}</td>
                        </tr>
                    @endif
                </tbody>
            </table>
        </div>
        @if ($was->says($is))
            <p class="quiet">The two say the same.</p>
        @endif
    </div>
</div>

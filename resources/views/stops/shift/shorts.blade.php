@foreach ($shorts as $one)
    <p>{{ $w->count($one->stops, 'short stop') }} from
        {{ $w->local($one->hour_at)->format('H:i') }},
        {{ round($one->seconds / 60, 1) }} min: {{ $one->reason }}
        <span class="quiet small">{{ $one->who }}</span>
    </p>
    @can('enter', $one)
        <x-move title="Strike these out" action="/short-stops/{{ $one->id }}/strike"
            button="Strike them out" danger>
            <x-field name="short_because" label="Why" required maxlength="250" />
        </x-move>
    @endcan
@endforeach

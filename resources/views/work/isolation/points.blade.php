<h3>Points to lock</h3>
@foreach ($open as $one)
    <div class="note">{{ $one->label() }} is {{ $one->state->value }}, issued by
        {{ $one->issued_who }}, until {{ $w->instant($one->valid_until) }}.</div>
@endforeach
@if ($points === [])
    <p class="quiet small">None is kept. What is locked before one works here is kept with the asset
        and proposed on its orders.</p>
@else
    <ol class="plain-list">
        @foreach ($points as $point)
            <li>{{ $point }}</li>
        @endforeach
    </ol>
@endif
@if ($mayWrite)
    @php
        $to = "/assets/{$assetId}/isolation-points";
    @endphp
    <x-move title="Change the points" :action="$to" button="Save the points" method="put"
        :fields="['points']">
        <x-seen :mark="$seen" />
        <x-field name="points" label="Points, a line each" type="textarea" :value="implode(PHP_EOL, $points)" />
    </x-move>
@endif

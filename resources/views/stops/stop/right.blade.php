@php
    $began = $w->local($stop->from_at)->format('Y-m-d\TH:i');
@endphp
<section class="part" id="right">
    <h3>Put it right</h3>
    @include('stops.correct')
    @right('report-stops')
        <datalist id="stop-reasons" hx-get="/assets/{{ $stop->asset_id }}/stop-reasons"
            hx-trigger="focusin from:#right once" hx-target="this" hx-push-url="false"></datalist>
    @endright
    <x-move title="Split it in two" action="/stops/{{ $stop->id }}/split" button="Split it"
        :version="$stop->version" :fields="['split_at']">
        <div class="pair">
            <x-field name="split_at" label="At" type="datetime-local" required
                :value="$began" />
            <x-field name="because" label="Why" required maxlength="250" />
        </div>
    </x-move>
    <x-move title="Make one of it and the next" action="/stops/{{ $stop->id }}/merge"
        button="Make one of them" :version="$stop->version" :fields="['merge']">
        <x-field name="because" label="Why" required maxlength="250" />
    </x-move>
    <x-move title="Another machine stood" action="/stops/{{ $stop->id }}/move" button="Move it"
        :version="$stop->version" :fields="['to_tag']">
        <div class="pair">
            <x-field name="to_tag" label="Its tag" required maxlength="40" />
            <x-field name="because" label="Why" required maxlength="250" />
        </div>
    </x-move>
</section>

@if ($form->counters()->isEmpty())
    <p data-rule="usage">{{ $asset->tag }} has no meter yet: <a
            href="/assets/{{ $asset->id }}/meters/new">put a counter on
            it</a> first.</p>
@else<p data-rule="interval weekdays nth usage"><span class="lead-in"
            data-rule="interval weekdays nth">or, whichever comes first,</span>
        every <input type="text" inputmode="decimal" name="usage_every" size="6"
            value="{{ $form->quantity('usage_every') }}" aria-label="Units of the meter"
            {{ $bad('usage_every') }}> on
        <select name="meter_id" aria-label="Meter" {{ $bad('meter_id') }}>
            <option value="">no meter</option>
            @foreach ($form->counters() as $meter)
                <option value="{{ $meter->id }}" @selected($form->counterId() === (string) $meter->id)>
                    {{ $meter->name }}
                    ({{ $meter->unit }})
                    {{ $meter->asset_id === $asset->id ? '' : ' of ' . $meter->asset->tag }}
                </option>
            @endforeach
        </select>
        <span class="lead-in">; it showed</span> <input type="text" inputmode="decimal"
            name="usage_last" size="6" value="{{ $form->typed('usage_last', '') }}"
            aria-label="Reading when last done" {{ $bad('usage_last') }}> <span
            class="quiet small">when last done, if known</span>
    </p>
@endif

@if ($underWarranty->isNotEmpty() || $claims->isNotEmpty())
    <x-section title="Warranty" id="warranty">
        @foreach ($underWarranty as $asset)
            <p><b>{{ $asset->name }}</b> <span class="tag">{{ $asset->tag }}</span> is under
                warranty
                until {{ $w->day($asset->warranty_until) }}. Ask before you pay for work or buy a
                part,
                and keep what you take out.</p>
        @endforeach
        @foreach (['claim', 'credit', 'claim_reason', 'service_amount', 'service_what'] as $field)
            @error($field)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @foreach ($claims as $claim)
            @include('work.warranty.claim')
        @endforeach
        @if ($mayClaim && $underWarranty->isNotEmpty())
            <x-move title="Claim it" action="{{ $by }}/claims" button="Write the claim down"
                :fields="['claim_asset', 'claim_what', 'claim_kept', 'claim_reference']">
                <x-field name="claim_asset" label="Asset" type="select" required>
                    @foreach ($underWarranty as $asset)
                        <x-option name="claim_asset" :value="$asset->id"
                            :current="null">{{ $asset->tag }}
                            {{ $asset->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="claim_what" label="What failed, and what is asked for" required
                    maxlength="500" />
                <x-field name="claim_kept" label="Where the parts are kept" maxlength="250" />
                <x-field name="claim_reference" label="Their number" maxlength="60" />
            </x-move>
        @endif
    </x-section>
@endif

@if ($lines->isNotEmpty())
    <x-section title="One isolation for all" id="isolation">
        <x-move title="Issue an isolation of what stands" action="{{ $by }}/isolation"
            button="Issue it for all orders inside it" :fields="['isolated', 'points', 'valid_until', 'isolation']">
            @error('isolation')
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
            <x-field name="isolated" label="Of" type="select" required>
                @foreach ($shutdown->standing as $asset)
                    <option value="{{ $asset->tag }}">
                        {{ $asset->tag }} {{ $asset->name }}</option>
                @endforeach
            </x-field>
            <x-field name="points" label="What is locked, a line each" type="textarea" required />
            <x-field name="valid_until" label="Valid until" type="datetime-local" required
                :value="$w->local($shutdown->to_at)->format('Y-m-d\TH:i')" />
        </x-move>
    </x-section>
@endif

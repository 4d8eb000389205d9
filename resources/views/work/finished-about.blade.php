@if ($fits !== [])
    <p class="quiet small">Its parts:
        @foreach ($fits as $fit)
            {{ $fit->number }} {{ $fit->name }}{{ $loop->last ? '.' : ',' }}
        @endforeach
    </p>
@endif
@if ($meters->isNotEmpty())
    <fieldset class="field">
        <legend>What its meters show</legend>
        <div class="pair">
            @foreach ($meters as $meter)
                <div class="field">
                    @error("readings.{$meter->id}")
                        <x-reading-question :meter="$meter" :message="$message" :key="$meter->id" />
                    @enderror
                    <label for="reading-{{ $meter->id }}">{{ $meter->name }}, in
                        {{ $meter->unit }}
                        (showed {{ $meter->text($meter->last_shown) }})
                    </label><input id="reading-{{ $meter->id }}" inputmode="decimal"
                        name="readings[{{ $meter->id }}]" size="10">
                </div>
            @endforeach
        </div>
    </fieldset>
@endif
<fieldset class="field">
    <legend>What failed <span class="quiet small">where the work was not planned</span></legend>
    <div class="pair">
        @foreach ($lists->failureKinds() as $kind)
            @if ($kind->isNeeded())
                <x-field :name="$kind->value" :label="$kind->label()" type="select">
                    <option value="">not said</option>
                    @foreach ($words[$kind->value] as $word)
                        <x-option :name="$kind->value" :value="$word">{{ $word }}</x-option>
                    @endforeach
                </x-field>
            @endif
        @endforeach
        <x-field name="none_because" label="Or why it was no failure" />
    </div>
</fieldset>

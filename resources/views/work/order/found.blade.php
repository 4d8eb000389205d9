@if ($mayWork)
    <section class="part form" id="found">
        <details class="act" @if ($errors->hasAny(['found_what', 'found_soon', 'found_step']) || $foundAt) open @endif>
            <summary>Something was found here</summary>
            <form data-form="found" method="post" action="{{ $by }}/found">@csrf
                <x-field name="found_what" label="What you found" type="textarea" required
                    :value="$foundAt?->answered()" />
                <div class="pair">
                    <x-field name="found_soon" label="How soon" type="select">
                        @foreach ($lists->howSoon() as $soon)
                            <x-option name="found_soon" :value="$soon->value"
                                current="this shift">{{ $soon->value }}</x-option>
                        @endforeach
                    </x-field>
                    <x-field name="found_step" label="At step" type="number" min="1"
                        :value="$foundAt?->position" />
                </div>
                <button class="btn">Report it</button>
                @can('plan-orders')
                    <button class="btn" formaction="{{ $by }}/found-order">Raise an order
                        of
                        it</button>
                @endcan
            </form>
        </details>
    </section>
@endif

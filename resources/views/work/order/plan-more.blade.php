@if ($mayPlan)
    <div class="more-lines">
        @php
            $fields = ['text', 'step_time'];
        @endphp
        <x-move title="+ step" :action="$by . '/plan/step'" button="Put it into the plan" :fields="$fields">
            <div class="pair">
                <x-field name="text" label="What is to be done" required />
                <x-field name="step_time" label="How long, from start to end" placeholder="20 min" />
            </div>
        </x-move>
        <x-move title="paste lines" :action="$by . '/plan/paste'" button="Read the lines" :fields="['lines']">
            <x-field name="lines" label="A line each" type="textarea" required
                hint="“2 fitter 3 h” is labour, “P-0117 x 1” a part, everything else a step: “Draw the seal 50 min”." />
        </x-move>
        <x-move title="from a method" :action="$by . '/plan/method'" button="Take its plan" :fields="['method_id']">
            <x-field name="method_id" label="Method" type="select">
                @foreach ($methods as $one)
                    <x-option name="method_id" :value="$one->id">{{ $one->code }}
                        {{ $one->name }}</x-option>
                @endforeach
            </x-field>
        </x-move>
        <x-move title="from a former order" :action="$by . '/plan/former'" button="Take its plan"
            :fields="['former']">
            <x-field name="former" label="Its number" required placeholder="W-2231" />
        </x-move>
        <x-move title="tools, permits, precautions" :action="$by . '/plan/before-start'"
            button="Put them into the plan" :fields="['tools', 'precautions', 'permits']">
            <x-field name="tools" label="Tools, a line each" type="textarea" :value="$order->tools" />
            <x-field name="precautions" label="Precautions, a line each" type="textarea"
                :value="$precautionLines" hint="Each is confirmed before the work starts." />
            @if ($permitKinds !== [])
                <fieldset class="field">
                    <legend>Permits that have to be issued before the start</legend>
                    <div class="choices">
                        @foreach ($permitKinds as $kind)
                            <label><input type="checkbox" name="permits[]"
                                    value="{{ $kind }}" @checked(in_array($kind, $permitsNeeded, true))>
                                {{ $kind }}</label>
                        @endforeach
                    </div>
                </fieldset>
            @endif
        </x-move>
    </div>
@endif
@if ($couldPlan)
    <p class="small"><a href="{{ $by }}?plan=1">Change the plan</a></p>
@endif

<section class="tablet-main" x-show="isAsking" x-cloak>
    <h2>Why did it stand?</h2>
    <div class="tablet-form tablet-said">
        <label>A note, if you want <input x-ref="note" maxlength="250"></label>
        <label class="tablet-act"><span x-text="photoSays"></span>
            <input class="visually-hidden" type="file" accept="image/*" capture="environment"
                @change="photo"></label>
    </div>
    <div class="tablet-grid">
        <template x-for="reason in state.offered">
            <button class="tablet-act" :data-reason="reason" @click="because"
                x-text="reason"></button>
        </template>
    </div>
    <div class="tablet-row">
        <select class="tablet-act" aria-label="Another reason" @change="becauseOther">
            <option value="">Another reason …</option>
            <template x-for="reason in state.others">
                <option :value="reason" x-text="reason"></option>
            </template>
        </select>
        <button class="tablet-act" @click="later">Say it later</button>
    </div>
</section>
<section class="tablet-main" x-show="isCause" x-cloak>
    <h2>Which machine caused it?</h2>
    <div class="tablet-grid">
        <template x-for="machine in state.machines">
            <button class="tablet-act" :data-id="machine.id" @click="causeIs"
                x-text="machine.name"></button>
        </template>
    </div>
    <button class="tablet-act" @click="causeUnknown">None of them</button>
</section>

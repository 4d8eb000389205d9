<section class="tablet-main" x-show="isMain">
    <button class="tablet-act strong" x-show="runs" @click="stop">It stands</button>
    <button class="tablet-act strong" x-show="state.down" @click="run" x-cloak>It runs again</button>
    <div class="tablet-row">
        <button class="tablet-act" x-show="hasParts" @click="openWhere" x-cloak>A part stands
            …</button>
        <label class="tablet-act" x-show="state.down" x-cloak><span x-text="photoSays"></span>
            <input class="visually-hidden" type="file" accept="image/*" capture="environment"
                @change="photo"></label>
        <button class="tablet-act" @click="openShort">Short stops …</button>
        <button class="tablet-act" x-show="hasNoCall" @click="openCall">Call maintenance …</button>
        <button class="tablet-act" x-show="isAwaited" @click="arrived" x-cloak>They are
            here</button>
    </div>
    <p class="tablet-call" x-show="hasCall" x-text="callSays" x-cloak></p>
</section>
<section class="tablet-main" x-show="isWhere" x-cloak>
    <h2>What stands?</h2>
    <div class="tablet-grid">
        <template x-for="part in state.parts">
            <button class="tablet-act" :data-id="part.id" @click="stopPart"
                x-text="part.name"></button>
        </template>
    </div>
    <button class="tablet-act" @click="later">Back</button>
</section>

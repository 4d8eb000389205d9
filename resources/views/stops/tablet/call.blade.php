<section class="tablet-main" x-show="isCall" x-cloak>
    <h2>Call maintenance</h2>
    <form class="tablet-form" @submit.prevent="call">
        <label>What is wrong, if you know <input x-ref="words" maxlength="200"></label>
        <button class="tablet-act strong">Call</button>
        <button class="tablet-act" type="button" @click="later">Back</button>
    </form>
</section>

<section class="tablet-main" x-show="isShort" x-cloak>
    <h2>Short stops in this hour</h2>
    <form class="tablet-form" x-ref="short" @submit.prevent="noteShort">
        <label>How many <input name="stops" type="number" min="1" max="3600" required
                inputmode="numeric"></label>
        <label>Minutes in all <input name="minutes" type="number" min="0.1" max="60"
                step="0.1" required inputmode="decimal"></label>
        <label>Why <select name="why" required>
                @foreach ([...$state['offered'], ...$state['others']] as $reason)
                    <option>{{ $reason }}</option>
                @endforeach
            </select></label>
        <button class="tablet-act strong">Note them</button>
        <button class="tablet-act" type="button" @click="later">Back</button>
    </form>
</section>

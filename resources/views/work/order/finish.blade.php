@if ($may('finish'))
    <section class="part form" id="finish">
        <h3>Finish the work</h3>
        @if ($ticked < $order->steps->count())
            <p class="quiet small">{{ $order->steps->count() - $ticked }} of
                {{ $order->steps->count() }}
                steps are not ticked yet.</p>
        @endif
        <p class="quiet small">Hours and answers that stand above and are not kept yet are taken with
            it.</p>
        <form data-form="finish" method="post" action="{{ $by }}/finish">@csrf<x-decided
                :of="$order" /><x-field name="finished_at" label="Finished at"
                type="datetime-local" :value="$w->now()->format('Y-m-d\TH:i')" required
                hint="Now, or when it was really finished: the schedule counts from that day." />
            @error('unanswered')
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
            <x-it-is-right />
            @foreach ($meters as $meter)
                @error("readings.{$meter->id}")
                    <x-reading-question :meter="$meter" :message="$message" :key="$meter->id" />
                @enderror
                <div class="field">
                    <label for="reading-{{ $meter->id }}">{{ $meter->name }} shows
                        now, in
                        {{ $meter->unit }} (showed {{ $meter->text($meter->last_shown) }}
                        {{ $meter->last_on ? $w->relative($meter->last_on) : '' }})</label><input
                        id="reading-{{ $meter->id }}" type="text" inputmode="decimal"
                        name="readings[{{ $meter->id }}]" size="10"
                        @error("readings.{$meter->id}") aria-invalid="true" @enderror>
                </div>
            @endforeach
            @foreach ($toTake as $line)
                <div class="field">
                    <label for="take-{{ $line->id }}">{{ $line->name }} used, in
                        {{ $line->unit }}</label><input id="take-{{ $line->id }}"
                        type="text" inputmode="decimal" name="taken[{{ $line->id }}]"
                        value="{{ $line->left }}" size="8">
                    @error("taken.{$line->id}")
                        <span class="error" role="alert">{{ $message }}</span>
                    @enderror
                </div>
            @endforeach
            @if ($isDown)
                <div class="choices field"><label><input type="checkbox" name="runs_again"
                            value="1" checked> It
                        runs again from then on: end its stop</label></div>
                @error('down')
                    <span class="error" role="alert">{{ $message }}</span>
                @enderror
            @endif
            <x-field name="finding" label="What was found" type="textarea" />
            <button class="btn strong">Finish {{ $order->label() }}</button>
        </form>
    </section>
@endif

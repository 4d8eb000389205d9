@if ($order->state->value === 'done')
    <section class="part form">
        <h3>Finished <span class="aside quiet">{{ $w->instant($order->finished_at) }}</span></h3>
        @if ($order->finding)
            <p class="pre">{{ $order->finding }}</p>
        @endif
        @if ($frame->can('move', [$order, 'finish']))
            <details class="act" @error('finished_at') open @enderror>
                <summary>Correct when it was finished</summary>
                <form data-form="correct" method="post" action="{{ $by }}/finish">
                    @csrf<x-decided :of="$order" />
                    @php
                        $valueGiven = $w->local($order->finished_at)->format('Y-m-d\TH:i');
                    @endphp
                    @method('put')<x-field name="finished_at" label="Really finished at"
                        type="datetime-local" :value="$valueGiven" required />
                    <x-it-is-right />
                    <button class="btn">Correct the
                        finish</button>
                </form>
            </details>
        @endif
    </section>
@endif

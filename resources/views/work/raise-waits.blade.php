@if ($waitingRequests->isNotEmpty() || $openOrders->isNotEmpty() || $offers !== [])
    <section class="part">
        <h3>In the same breath <span class="aside quiet">what else waits at
                {{ $waitingAt->tag }}</span></h3>
        @foreach ($openOrders as $one)
            <p class="small">Open already: <a href="/orders/{{ $one->id }}">{{ $one->label() }}
                    {{ $one->title }}</a>,
                {{ $one->state->value }}{{ $one->hold_reason ? ": {$one->hold_reason}" : '' }}.
            </p>
        @endforeach
        @if ($waitingRequests->isNotEmpty())
            <fieldset>
                <legend>Requests that this order answers</legend>
                <div class="choices upright">
                    @foreach ($waitingRequests as $one)
                        <label><input type="checkbox" name="requests[]" value="{{ $one->id }}">
                            {{ $one->label() }} {{ $one->title() }}
                            <span
                                class="quiet small">{{ $w->relative($one->received_at) }}</span></label>
                    @endforeach
                </div>
            </fieldset>
        @endif
        @if ($offers !== [])
            @include('work.along', ['tickLate' => true])
        @endif
    </section>
@endif

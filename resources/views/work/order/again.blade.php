@canany(['plan-orders', 'write-plans'])
    <section class="part form" id="again">
        <h3>The same again</h3>
        <div class="more-lines">
            @can('plan-orders')
                <a class="btn slim" href="/orders/new?copy={{ $order->number }}">Copy it into a new
                    order</a>
            @endcan
            @can('write-plans')
                @if ($order->asset_id)
                    <form method="post" action="{{ $by }}/repeat">@csrf<button class="btn slim">Make
                            it repeat</button></form>
                @endif
                @if ($order->steps->isNotEmpty())
                    <form method="post" action="{{ $by }}/method">@csrf<button
                            class="btn slim">Keep it as a method</button></form>
                @endif
            @endcan
        </div>
        @if ($mayRepeat)
            <x-move title="It does an earlier order again" :action="$by . '/repeats'" method="put"
                button="Its cost goes there" :fields="['repeats']">
                <x-field name="repeats" label="Number of the first order" placeholder="W-2231"
                    :value="$order->repeats?->label()" hint="Empty: it repeats none." />
            </x-move>
        @endif
    </section>
@endcanany

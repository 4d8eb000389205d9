<div class="head bare">
    <div>
        <div class="crumbs"><a href="/orders/{{ $order->id }}">{{ $order->title }}
                {{ $order->label() }}</a></div>
        <h2>Take along</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('schedules')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror @include('work.take-along')
    </div>
</div>

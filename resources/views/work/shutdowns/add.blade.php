<x-section title="Put orders into it" id="add">
    <form class="form" method="post" action="{{ $by }}/orders">@csrf
        @if ($fitting->isNotEmpty())
            <p class="small quiet">Open on what stands, and in no shutdown yet:</p>
            <ul class="plain-list">
                @foreach ($fitting as $order)
                    <li><label><input type="checkbox" name="orders[]" value="{{ $order->id }}">
                            {{ $order->title }} <span class="tag">{{ $order->label() }}</span>
                            <span class="quiet small">{{ $order->state->value }} ·
                                {{ $order->asset?->tag }} ·
                                {{ $order->due_on ? 'due ' . $w->day($order->due_on) : 'no day' }}</span></label>
                    </li>
                @endforeach
            </ul>
        @endif
        <x-field name="numbers" label="Or by their numbers"
            hint="Such as W-2231, parted by blanks." />
        @if ($isFrozen)
            <x-field name="late_reason" label="Why so late" required maxlength="250"
                hint="The scope is frozen: what comes now is marked." />
        @endif
        <button class="btn">Put them in</button>
    </form>
</x-section>

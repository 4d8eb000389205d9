<x-sheet :title="$request->title()">
    <x-slot:crumbs><a class="only-narrow" href="/requests">‹ All requests ·
        </a>{{ $site->name }}
        @foreach ($crumbs as $crumb)
            @php
                $kind = $crumb['kind'] === 'place' ? 'places' : 'assets';
            @endphp
            › <a href="/{{ $kind }}/{{ $crumb['id'] }}">{{ $crumb['name'] }}</a>
        @endforeach
        › <a
            href="/{{ $request->asset ? 'assets' : 'places' }}/{{ $where->id }}">{{ $where->name }}</a>
    </x-slot:crumbs>
    <x-slot:meta>
        <span class="tag">{{ $request->label() }}</span><span>{{ $request->state->value }}</span>
        <span>wanted <b>{{ $request->how_soon->value }}</b></span>
        <span>by <b>{{ $request->reporter }}</b>, {{ $w->instant($request->received_at) }}</span>
        @if ($request->down)
            <span class="w late">down since {{ $w->instant($request->down_since) }}</span>
        @endif
    </x-slot:meta>
    <p class="pre asked">{{ $request->what }}</p>
    @if ($request->fromOrder)
        <p>Found during <a
                href="/orders/{{ $request->fromOrder->id }}">{{ $request->fromOrder->label() }}
                {{ $request->fromOrder->title }}</a>{{ $request->from_step ? ", step {$request->from_step}" : '' }}.
        </p>
    @endif
    @if ($request->order)
        <p>It became <a href="/orders/{{ $request->order->id }}">{{ $request->order->label() }}
                {{ $request->order->title }}</a>, {{ $request->order->state->value }}.
            @if ($request->mended)
                {{ $request->reporter }} says that it is
                {{ $request->mended === 'yes' ? 'mended' : 'not mended yet' }}.
            @endif
        </p>
    @endif
    @if ($request->into)
        <p>It tells of the same as <a
                href="/requests/{{ $request->into->id }}">{{ $request->into->label() }}
                {{ $request->into->title() }}</a>.</p>
    @endif
    @if ($request->reason)
        <p>Because: {{ $request->reason }}</p>
    @endif
    @include('work.requests.beside')
    @include('work.requests.talk')
    @if ($accepts)
        @include('work.requests.accept')
    @endif
    @if ($reviews)
        @include('work.requests.decide')
    @endif
    <x-section title="Log" id="log"><x-log :lines="$log" /></x-section>
</x-sheet>

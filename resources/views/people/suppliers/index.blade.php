<div class="filters">
    <h1><span>Suppliers <a class="also" href="/assets">assets</a><x-also name="files"
                :links="$frame->can('write-register')
                    ? ['/import/suppliers' => 'Load from a file']
                    : []"
                export="/suppliers.{format}{{ $q === '' ? '' : '?q=' . urlencode($q) }}" /></span>
        <small>{{ $suppliers->count() === $total ? $total : $suppliers->count() . " of {$total}" }}</small>
    </h1>
    <form method="get" action="/suppliers" role="search" hx-target="#index" hx-push-url="true"
        hx-trigger="submit, input delay:300ms from:find input" hx-sync="this:replace"><input
            type="search" name="q" value="{{ $q }}"
            placeholder="Name, contact, what they serve"
            aria-label="Search suppliers"><noscript><button
                class="btn slim">Filter</button></noscript></form>
</div>
<div class="rows">
    @forelse ($suppliers as $supplier)
        <a class="row-line"
            href="/suppliers/{{ $supplier->id }}{{ $q === '' ? '' : '?q=' . urlencode($q) }}"
            data-record="/suppliers/{{ $supplier->id }}" hx-target="#sheet"
            @if ($current === $supplier->id) aria-current="true" @endif><svg class="dial"
                width="26" height="26" viewBox="0 0 100 100" aria-hidden="true">
                <line class="ground" x1="2" y1="56" x2="98" y2="56"
                    stroke-width="4" />
                @php
                    $contractorWords = $supplier->contractor ? 'contractor' : 'supplier';
                    $servesWords = $supplier->serves ? " · {$supplier->serves}" : '';
                    $activeWords = $supplier->active ? '' : ', no longer used';
                @endphp
            </svg><span><span class="n"><b>{{ $supplier->name }}</b></span><span
                    class="w">{{ $contractorWords }}{{ $activeWords }}{{ $servesWords }}</span></span></a>
    @empty<div class="secs empty">
            <p>{{ $total === 0 ? 'No supplier yet.' : 'No supplier matches.' }}</p>
        </div>
    @endforelse
</div>

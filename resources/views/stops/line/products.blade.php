<x-sheet title="Products">
    <x-slot:crumbs><a href="/stops">Stops</a></x-slot:crumbs>
    <x-slot:meta>What the lines of this site make. How long one takes is set for each
        line.</x-slot:meta>
    @foreach ($products as $product)
        <details class="act form">
            <summary>{{ $product->name }} <span class="tag">{{ $product->number }}</span> <span
                    class="quiet small">{{ $product->unit }}{{ $product->retired ? ' · no longer made' : '' }}</span>
            </summary>
            <form method="post" action="/products/{{ $product->id }}">@csrf @method('put')
                <input type="hidden" name="version" value="{{ $product->version }}">
                @include('stops.line.product-fields')
                <div class="choices field"><label><input type="checkbox" name="in_use"
                            value="1" @checked(!$product->retired)> Made still</label></div>
                <button class="btn">Save the product</button>
            </form>
        </details>
    @endforeach
    <x-section title="Add a product" id="add">
        <form class="form" method="post" action="/products">@csrf
            @include('stops.line.product-fields', ['product' => null])
            <button class="btn strong">Add the product</button>
        </form>
    </x-section>
</x-sheet>

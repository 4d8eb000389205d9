@include('stores.start.short')
@include('stores.start.waits')

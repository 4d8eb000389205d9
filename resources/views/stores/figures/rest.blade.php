@include('stores.figures.value')
@include('stores.figures.lying')
@include('stores.figures.service')
@include('stores.figures.empty')

<title>{{ $title }} · Sundial</title>
@include('frame.page')
@include('frame.rail', ['oob' => true])

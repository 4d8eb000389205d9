<title>{{ $title }} · Sundial</title>
{!! view($sheet[0], $sheet[1])->render() !!}
@include('frame.awaited')
@include('frame.horizon', ['oob' => true])

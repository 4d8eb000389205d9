@extends('frame.door', ['title' => 'Tablet'])
@section('panel')
    <h1>This tablet is not signed in</h1>
    <p>Whoever writes the register makes its link in the settings of the line: Stops, the line,
        Settings,
        Tablets. Open that link on this tablet, once.</p>
@endsection

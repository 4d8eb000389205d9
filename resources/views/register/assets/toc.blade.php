@foreach ($sections as $section)
    <a href="#{{ Str::slug($section['title']) }}" hx-boost="false">{{ $section['title'] }}
        <i>{{ $section['count'] }}</i></a>
@endforeach
<a href="#facts" hx-boost="false">
    Facts</a>
@can('update', $asset)
    <a href="#change" hx-boost="false">Change</a>
@endcan
<a href="#inside" hx-boost="false">Inside it <i>{{ count($inside) ?: '' }}</i></a><a href="#log"
    hx-boost="false">Log</a>

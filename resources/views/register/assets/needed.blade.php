@foreach ($needed as $field)
    <x-extra-input :field="$field" :money="$site->currency" />
@endforeach

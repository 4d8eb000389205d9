@props(['title', 'id' => null])
<section class="part" @if ($id) id="{{ $id }}" @endif>
    <h3>{{ $title }}@isset($aside)
        <span class="aside quiet">{{ $aside }}</span>
    @endisset
</h3>
{{ $slot }}
</section>

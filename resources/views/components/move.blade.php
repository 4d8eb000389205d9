@props([
    'title',
    'action',
    'button',
    'version' => null,
    'fields' => [],
    'method' => 'post',
    'danger' => false,
])
<details class="act form" @if ($errors->hasAny($fields)) open @endif>
    <summary>{{ $title }}</summary>
    <form method="post" action="{{ $action }}">@csrf
        @if ($method !== 'post')
            @method($method)
        @endif
        @if ($version !== null)
            <input type="hidden" name="version" value="{{ $version }}">
        @endif
        {{ $slot }}
        <button @class(['btn', 'danger' => $danger])>{{ $button }}</button>
    </form>
</details>

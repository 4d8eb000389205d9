<x-sheet title="Reject reasons">
    <x-slot:meta>Why pieces are rejected, in one list, so that it can be counted.</x-slot:meta>
    @foreach (['parent_id', 'version'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @foreach ($reasons as $reason)
        <details class="act form">
            <summary>{{ $reason->name }} <span
                    class="quiet small">{{ $reason->parent ? "under {$reason->parent->name}" : '' }}
                    {{ $reason->retired ? '· no longer used' : '' }}</span></summary>
            <form method="post" action="/setup/reject-reasons/{{ $reason->id }}">@csrf
                @method('put')
                <input type="hidden" name="version" value="{{ $reason->version }}">
                @include('stops.reject-fields')
                <div class="choices field"><label><input type="checkbox" name="in_use"
                            value="1" @checked(!$reason->retired)> In use</label></div>
                <button class="btn">Save the reason</button>
            </form>
        </details>
    @endforeach
    <x-section title="Add a reason" id="add">
        <form class="form" method="post" action="/setup/reject-reasons">@csrf
            @include('stops.reject-fields', ['reason' => null])
            <button class="btn strong">Add the reason</button>
        </form>
    </x-section>
</x-sheet>

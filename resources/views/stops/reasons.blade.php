<x-sheet title="Stop reasons">
    <x-slot:meta>Why machines stand, in one list, so that it can be counted. Each says what
        it does to
        planned time, and whether it is a failure of the machine.</x-slot:meta>
    @foreach (['parent_id', 'version'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @foreach ($reasons as $reason)
        <details class="act form">
            <summary>{{ $reason->name }} <span class="quiet small">{{ $reason->kind->value }}
                    {{ $reason->parent ? "· under {$reason->parent->name}" : '' }}
                    {{ $reason->class ? "· {$reason->class->name}" : '' }}
                    {{ $reason->line ? "· {$reason->line->asset->name}" : '' }}
                    {{ $reason->retired ? '· no longer used' : '' }}</span></summary>
            <form method="post" action="/setup/stop-reasons/{{ $reason->id }}">@csrf
                @method('put')
                <input type="hidden" name="version" value="{{ $reason->version }}">
                @include('stops.reason-fields', ['reason' => $reason])
                <div class="choices field"><label><input type="checkbox" name="in_use"
                            value="1" @checked(!$reason->retired)> In use</label></div>
                <button class="btn">Save the reason</button>
            </form>
        </details>
    @endforeach
    <x-section title="Add a reason" id="add">
        <form class="form" method="post" action="/setup/stop-reasons">@csrf
            @include('stops.reason-fields', ['reason' => null])
            <button class="btn strong">Add the reason</button>
        </form>
    </x-section>
</x-sheet>

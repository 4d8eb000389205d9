@php
    $names = static fn(string $key): string => isset($columns[$key]) ? $columns[$key]->label : $key;
    $leftOut = $read->leftOut();
    $label = static fn($row): string => isset($row->cells['tag']) &&
    $row->label !== $row->cells['tag'] &&
    !str_starts_with($row->label, $row->cells['tag'] . ' ')
        ? "{$row->cells['tag']} {$row->label}"
        : $row->label;
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="/import">Files in and out</a> › <a
                href="/import/{{ $kind->key() }}">{{ $kind->title() }}</a></div>
        <h2>Check of {{ $import->file_name }}</h2>
        <div class="meta"><span>{{ $w->count(count($read->rows), 'row') }} for
                {{ $site->name }}</span><span>nothing
                is loaded yet</span></div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('file')
            <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror @if ($import->failure)
                <p class="said said-bad" role="alert">{{ $import->failure }}</p>
            @endif
            @if ($plan->problems !== [])
                @include('import.problems')
            @elseif ($plan->work() === 0)
                <div class="note">Every row stands as the file says already; there is nothing to load.
                    <a href="{{ $kind->href() }}">See them</a>
                </div>
            @else
                <p class="verdict">The file is good. It would make <b>{{ count($made) }}</b>, change
                    <b>{{ count($changed) }}</b> and leave <b>{{ count($same) }}</b> as
                    {{ count($same) === 1 ? 'it is' : 'they are' }}.
                </p>
                @if ($leftOut !== [])
                    <p class="note">
                        {{ count($leftOut) === 1 ? 'One column is' : count($leftOut) . ' columns are' }}
                        left
                        out, since {{ count($leftOut) === 1 ? 'its name is' : 'their names are' }} not
                        known:
                        <b>{{ implode(', ', $leftOut) }}</b>. Say below what
                        {{ count($leftOut) === 1 ? 'it holds' : 'they hold' }}, if it matters.
                    </p>
                @endif
                <form method="post" action="/import/files/{{ $import->id }}">@csrf<input
                        type="hidden" name="work" value="{{ $plan->work() }}">
                    <div class="foot-buttons"><button class="btn strong">Load
                            {{ $w->count($plan->work(), 'row') }}</button><a class="btn"
                            href="/import/{{ $kind->key() }}">Choose another file</a></div>
                </form>
                @include('import.changed')
                @include('import.made')
            @endif
            @include('import.how')
        </div>
    </div>

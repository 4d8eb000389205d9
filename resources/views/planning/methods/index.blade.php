@php
    $hidden = $total - $methods->count();
@endphp

<div class="filters">
    <h1><span>Methods <a class="also" href="/schedules">schedules</a> <a class="also"
                href="/rounds">rounds</a></span>
        <small>{{ $hidden === 0 ? $total : "{$methods->count()} of {$total}" }}</small>
    </h1>
    <form method="get" action="/methods" role="search" hx-target="#index" hx-push-url="true"
        hx-trigger="submit, change, input delay:300ms from:find input" hx-sync="this:replace"><input
            type="search" name="q" value="{{ $given['q'] ?? '' }}"
            placeholder="Code, name, or what a step says" aria-label="Search methods">
        <span class="side-by-side"><select name="class" aria-label="Class">
                <option value="">any class</option>
                @foreach ($classes as $class)
                    <option value="{{ $class->id }}" @selected((int) ($given['class'] ?? 0) === $class->id)>
                        {{ $class->name }}</option>
                @endforeach
            </select>
            <select name="usage" aria-label="Use">
                @php
                    $uses = [
                        '' => 'used or not',
                        'used' => 'on a schedule',
                        'unused' => 'on none',
                        'draft' => 'with a draft',
                    ];
                @endphp
                @foreach ($uses as $value => $text)
                    <option value="{{ $value }}" @selected(($given['usage'] ?? '') === $value)>
                        {{ $text }}</option>
                @endforeach
            </select>
        </span><input type="search" name="asset" value="{{ $given['asset'] ?? '' }}"
            placeholder="suits asset (tag)"
            aria-label="First those that suit an asset"><noscript><button
                class="btn slim">Search</button></noscript>
    </form>
    @if (isset($given['asset']) && !$suits)
        <p class="hides">There is no asset “{{ $given['asset'] }}” at this site.</p>
    @endif
    @if ($suits)
        <p class="hides">Those that suit {{ $suits->tag }} {{ $suits->name }} come first. <a
                href="/methods" hx-target="#index" hx-push-url="true">Order by code</a></p>
    @endif
    @if ($hidden > 0)
        <p class="hides">
            {{ count(array_diff_key($given, ['asset' => 1])) > 0 ? 'The filter hides' : 'Not shown:' }}
            {{ $hidden }}. <a href="/methods" hx-target="#index" hx-push-url="true">Show
                all</a></p>
    @endif
</div>
<div class="rows">
    @forelse ($methods as $method)
        <a class="row-line" href="/methods/{{ $method->id }}"
            data-record="/methods/{{ $method->id }}" hx-target="#sheet"
            @if ($current === $method->id) aria-current="true" @endif><svg class="dial"
                width="26" height="26" viewBox="0 0 100 100" aria-hidden="true">
                <line class="ground" x1="2" y1="56" x2="98" y2="56"
                    stroke-width="4" />
                @php
                    $draftWords = $method->draft
                        ? ($method->inForce
                            ? " · draft {$method->draft->number}"
                            : ' · draft, not in force')
                        : '';
                    $numberWords =
                        $method->inForce && $method->inForce->number > 1
                            ? " · revision {$method->inForce->number}"
                            : '';
                    $schedulesCountWords = $method->schedules_count
                        ? " · {$w->count($method->schedules_count, 'schedule')}"
                        : '';
                    $classIdWords =
                        $suits && $method->class_id === $suits->class_id
                            ? ', suits ' . $suits->tag
                            : '';
                    $classWords = $method->class?->name ?? 'any class';
                    $standing =
                        $classWords .
                        $classIdWords .
                        $numberWords .
                        $draftWords .
                        $schedulesCountWords;
                @endphp
            </svg><span><span class="n"><b>{{ $method->name }}</b><span
                        class="tag">{{ $method->code }}</span></span><span
                    class="w">{{ $standing }}</span></span></a>
    @empty<div class="secs empty">
            @php
                $totalWords =
                    $total === 0
                        ? 'There is no method yet. A method says how a piece of work is done: its steps, and who does them.'
                        : 'No method matches.';
            @endphp
            <p>{{ $totalWords }}
            </p>
            @can('write-plans')
                <a class="btn strong" href="/methods/new">Write the first method</a>
            @endcan
        </div>
    @endforelse
</div>

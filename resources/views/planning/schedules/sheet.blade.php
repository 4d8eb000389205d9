<x-sheet :title="$schedule->name" :offers="$offers">
    <x-slot:dial>
        <x-dial :size="84" :nearness="$shown->near" :consumed="$shown->consumed" :other="$shown->other"
            :lead="$shown->lead" />
    </x-slot:dial>
    <x-slot:crumbs><a class="only-narrow" href="/schedules">‹ All schedules · </a>
        @if ($schedule->round)
            Schedule of the round
            <a href="/rounds/{{ $schedule->round_id }}">{{ $schedule->round->name }}</a>,
            {{ $w->count($schedule->round->stations->count(), 'asset') }}
        @else
            Schedule on <a href="/assets/{{ $schedule->asset_id }}">{{ $schedule->asset->name }}
                {{ $schedule->asset->tag }}</a>
        @endif
    </x-slot:crumbs>
    <x-slot:meta><span>{{ $words->sentence($schedule) }}</span></x-slot:meta>
    <x-slot:acts>
        @can('update', $schedule)
            @unless ($schedule->ended)
                <a class="btn" href="/schedules/{{ $schedule->id }}/edit">Change it</a>
            @endunless
        @endcan
    </x-slot:acts>
    @foreach (['reason', 'stale', 'parts'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    <x-section title="Next">
        @include('planning.schedules.next')
        @include('planning.schedules.then')
    </x-section>
    @include('planning.schedules.change')
    <x-section title="What it is">
        <dl class="facts">
            @foreach ($shown->facts as [$name, $says, $href])
                <div>
                    <dt>{{ $name }}</dt>
                    <dd @class(['tag' => str_starts_with($says, 'DTSTART:')])>
                        @if ($href)
                            <a href="{{ $href }}">{{ $says }}</a>
                        @else
                            {{ $says }}
                        @endif
                    </dd>
                </div>
            @endforeach
        </dl>
    </x-section>
    @include('planning.schedules.parts', $parts)
    @foreach ($sections as $section)
        <section class="part">@include($section['view'], $section['data'])</section>
    @endforeach
    @can('update', $schedule)
        @includeUnless($schedule->ended, 'planning.schedules.moves')
    @endcan
    @include('planning.schedules.past')
    <x-section title="Log"><x-log :lines="$log" /></x-section>
</x-sheet>

@error('moved_to')
    <p class="said said-bad" role="alert">
        {{ $message }}</p>
@enderror
@php
    $visits = array_sum($hours['visits']);
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="/schedules">Plan</a></div>
        <h2>Outlook <span class="quiet">of {{ $about }}</span></h2>
        <div class="meta"><span>{{ $w->day($from) }} to
                {{ $w->day($to->plusDays(-1)) }}</span><span><b>{{ $w->number($visits) }}</b>
                {{ $visits === 1 ? 'visit' : 'visits' }},
                <b>{{ $w->hours(array_sum(array_map('array_sum', $hours['trades']))) }}</b>
                of work</span>
            @if (array_sum($hours['expected']) > 0)
                <span><b>{{ array_sum($hours['expected']) }}</b> on expected dates</span>
                @endif @if ($late > 0)
                    <span class="w late"><a href="/schedules?near=late">{{ $late }} late
                            besides</a></span>
                @endif
        </div>
    </div>
    <div class="acts across"><a class="btn" href="/outlook/what-if">What if</a> <a class="btn"
            href="/calendar">Calendar</a>
        <details class="menu right">
            <summary class="btn">Export</summary>
            <div>
                @foreach (['csv' => 'CSV', 'json' => 'JSON', 'ics' => 'iCalendar'] as $format => $name)
                    <a href="{{ $address->export($format) }}"
                        hx-boost="false">{{ $name }}</a>
                @endforeach
            </div>
        </details>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @include('planning.outlook.filters')
        @include('planning.outlook.heat')
        @include('frame.rest')
    </div>
</div>

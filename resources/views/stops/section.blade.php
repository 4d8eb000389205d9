<h3>Stops
    @if ($failures > 0)
        <span class="aside quiet">{{ $w->count($failures, 'failure') }} in twelve months</span>
    @endif
</h3>
@foreach (['down', 'stop_reason', 'from_at', 'to_at'] as $key)
    @error($key)
        <p class="said said-bad" role="alert">{{ $message }}</p>
    @enderror
@endforeach
@if ($open)
    <div class="note bad"><b>Down</b> since {{ $w->instant($open->from_at) }}:
        {{ $open->reason }}{{ $open->planned ? ' (planned)' : '' }}. Said by
        {{ $open->opened_who }}.
        @if ($mayReport)
            <form class="inline-form" method="post" action="/assets/{{ $assetId }}/running">@csrf
                <div class="field">
                    <label>Runs again since<br><input type="datetime-local" name="to_at"
                            value="{{ $w->now()->format('Y-m-d\TH:i') }}"></label>
                </div>
                <div class="field"><label>Note<br><input name="run_note" maxlength="500"></label>
                </div><button class="btn strong">It runs
                    again</button>
            </form>
        @endif
    </div>
@elseif ($mayReport)
    <details class="act" @if ($errors->hasAny(['stop_reason', 'from_at', 'down'])) open @endif>
        <summary>Say that it is down</summary>
        <form method="post" action="/assets/{{ $assetId }}/down">@csrf<div class="pair">
                <x-field name="stop_reason" label="What stopped it" required list="stop-reasons"
                    maxlength="120" autocomplete="off" /><x-field name="from_at" label="Down since"
                    type="datetime-local" :value="$w->now()->format('Y-m-d\TH:i')" />
            </div><x-field name="stop_note" label="Note" />
            <div class="field"><label><input type="checkbox" name="planned" value="1"> A
                    planned stop</label></div><button class="btn strong">It is
                down</button>
        </form>
    </details>
@endif
@if ($mayReport)
    <datalist id="stop-reasons" hx-get="/assets/{{ $assetId }}/stop-reasons"
        hx-trigger="focusin from:#stops once" hx-target="this" hx-push-url="false"></datalist>
@endif
@if ($stops->isEmpty())
    <p class="quiet small">No stop is recorded.</p>
@else
    <table>
        <thead>
            <tr>
                <th>from</th>
                <th>to</th>
                <th>reason</th>
                <th class="r">for</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($stops as $stop)
                <tr>
                    <td><a href="{{ $stop->href() }}">{{ $w->instant($stop->from_at) }}</a></td>
                    <td>{{ $stop->to_at ? $w->instant($stop->to_at) : 'still down' }}</td>
                    <td>{{ $stop->reason }}{{ $stop->planned ? ' (planned)' : '' }}@if ($stop->note)
                            <div class="quiet small pre">{{ $stop->note }}</div>
                        @endif
                    </td>
                    <td class="r">{{ $w->lasting($stop->span()->minutes($w->now())) }}</td>
                </tr>
                @can('correct', $stop)
                    <tr class="under">
                        <td colspan="4">@include('stops.correct')</td>
                    </tr>
                @endcan
            @endforeach
        </tbody>
    </table>
    @if ($more)
        <p class="quiet small">The last {{ count($stops) }}.</p>
    @endif
@endif

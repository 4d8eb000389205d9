@foreach ($sections as $section)
    <section class="part">@include($section['view'], $section['data'])</section>
@endforeach
<section class="part">
    <h3>Schedules that use it</h3>
    @if ($schedules->isEmpty())
        <p class="quiet small">None yet. Open an asset and add a schedule with this method.
    </p>@else<table>
            <tbody>
                @foreach ($schedules as $schedule)
                    <tr @class(['quietly' => $schedule->ended])>
                        <td class="tag">{{ $schedule->asset->tag }}</td>
                        <td><a href="/schedules/{{ $schedule->id }}">{{ $schedule->name }}</a>
                        </td>
                        <td class="r">
                            {{ $schedule->ended ? 'ended' : $w->day($schedule->standing->next_due_on) }}
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>
@include('planning.methods.revisions')
<section class="part">
    <h3>Log</h3><x-log :lines="$log" />
</section>

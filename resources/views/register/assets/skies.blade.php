@if ($sky['all'] === [])
    <h2>{{ $title }}</h2>
    <p class="lead">Nothing stands here yet.</p>
    @can('write-register')
        <p><a class="btn strong" href="/import/register">Load the register from a file</a></p>
        <p class="quiet">Or begin by hand: <a href="/places/new">a location</a>, then <a
                href="/assets/new">an asset</a>.
        </p>
    @endcan
@else
    <div class="sky-head">
        <div>
            <h2>The sky of {{ $title }}</h2>
            <p class="quiet">{{ $w->count($total, 'asset') }}: each where its most
                urgent
                visit stands in its interval.
                @include('register.assets.sky', ['counts' => $counts])
            </p>
        </div>
        <div class="acts">
            @foreach ($ways as $word => $href)
                <a class="btn slim" href="{{ $href }}">{{ $word }}</a>
            @endforeach
        </div>
    </div>
    @if ($asTable)
        <div class="scroll">
            <table>
                <thead>
                    <tr>
                        <th>{{ $by === 'class' ? 'class' : 'area' }}</th>
                        <th class="r">assets</th>
                        @foreach ($columns as $column)
                            <th class="r">{{ $column }}</th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($groups as $group)
                        <tr>
                            <td><a href="{{ $group['href'] }}">{{ $group['name'] }}</a></td>
                            <td class="r">{{ $group['total'] }}</td>
                            @foreach ($columns as $key => $column)
                                <td class="r">{{ $group['counts'][$key] ?? 0 ?: '' }}</td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    @else
        {!! $picture !!}
        <div class="small-skies">
            @foreach ($groups as $group)
                <div class="one-sky">
                    {!! $group['picture'] !!}
                    @if ($group['href'])
                        <a class="plain"
                            href="{{ $group['href'] }}"><b>{{ $group['name'] }}</b></a>
                    @else
                        <b>{{ $group['name'] }}</b>
                    @endif
                    <span class="quiet small">{{ $w->count($group['total'], 'asset') }}</span>
                    <span class="small">@include('register.assets.sky', ['counts' => $group['counts']])</span>
                </div>
            @endforeach
        </div>
    @endif
    @can('release')
        <p><a href="/release">What would a release make today?</a></p>
    @endcan
@endif

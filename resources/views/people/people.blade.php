<div class="head bare">
    <div>
        <h2>People</h2>
    </div>
    <div class="acts"><a class="btn strong" href="/setup/people/new">Add a person</a></div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <div class="scroll">
            <table class="table-narrow">
                <thead>
                    <tr>
                        <th>name</th>
                        <th>account</th>
                        <th>roles</th>
                        <th class="drop">trade</th>
                        <th class="drop">teams</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($people as $person)
                        <tr @class(['quietly' => !$person->active])>
                            @php
                                $activeWords = $person->active ? '' : ' (inactive)';
                            @endphp
                            <td><a
                                    href="/setup/people/{{ $person->id }}">{{ $person->name }}</a>{{ $activeWords }}
                            </td>
                            <td class="tag">{{ $person->login }}</td>
                            <td>
                                @foreach ($person->rolesBySite() as $site => $held)
                                    <div>{{ implode(', ', array_column($held, 'value')) }}
                                        <span class="quiet small">{{ $sites[$site] }}</span>
                                    </div>
                                @endforeach
                                @if ($person->plant_admin)
                                    <div class="small">plant administrator</div>
                                @endif
                            </td>
                            <td class="drop">{{ $person->trade?->name }}</td>
                            <td class="drop">{{ $person->teams->pluck('name')->implode(', ') }}
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    </div>
</div>

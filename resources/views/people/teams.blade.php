<div class="head bare">
    <div>
        <h2>Teams</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('name')
            <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror @error('stale')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        <table>
            <thead>
                <tr>
                    <th>team</th>
                    <th>site</th>
                    <th>people</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($teams as $team)
                    <tr>
                        <td>
                            <form class="inline-form" method="post"
                                action="/setup/teams/{{ $team->id }}">@csrf
                                @method('put')<input type="hidden" name="version"
                                    value="{{ $team->version }}"><input name="name"
                                    value="{{ $team->name }}"
                                    aria-label="Name of team {{ $team->name }}" required
                                    maxlength="60"><button class="btn slim">Rename</button></form>
                        </td>
                        <td>{{ $team->site->name }}</td>
                        @php
                            $implodeWords =
                                $team->people->pluck('name')->implode(', ') ?:
                                'nobody yet; add people to it on their own page';
                        @endphp
                        <td>{{ $implodeWords }}
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <form class="inline-form" method="post" action="/setup/teams">@csrf
            <div class="field"><label>New team<br><input name="name" required
                        maxlength="60"></label></div>
            <div class="field"><label>Site<br><select name="site_id">
                        @foreach ($sites as $site)
                            <option value="{{ $site->id }}">{{ $site->name }}</option>
                        @endforeach
                    </select></label></div><button class="btn strong">Add the team</button>
        </form>
    </div>
</div>

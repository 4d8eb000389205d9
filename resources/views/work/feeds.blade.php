<div class="head bare">
    <div>
        <div class="crumbs"><a href="/me">Account</a></div>
        <h2>Calendar addresses</h2>
        <div class="meta"><span>your calendar reads visits and orders from an address of its
                own</span></div>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        @if (session('feed'))
            <div class="note" role="status">
                <p>This is the address. It is shown this once; give it to your calendar as a
                    subscription.</p>
                <p><input class="tag whole-line" readonly aria-label="The address"
                        value="{{ session('feed') }}"></p>
            </div>
        @endif
        <p>Whoever has an address can read what it gives, without logging in; keep it to yourself,
            and revoke it when it
            got about. An entry keeps its place in your calendar when a visit moves or becomes an
            order.</p>
        @if ($feeds->isNotEmpty())
            <table class="dense">
                <thead>
                    <tr>
                        <th>gives</th>
                        <th>made</th>
                        <th>read last</th>
                        <th></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($feeds as $feed)
                        <tr>
                            <td>{{ $feed->title() }}</td>
                            <td>{{ $w->instant($feed->made_at) }}</td>
                            <td>{{ $feed->used_at ? $w->instant($feed->used_at) : 'never' }}</td>
                            <td class="r">
                                <form method="post" action="/me/calendars/{{ $feed->id }}">
                                    @csrf
                                    @method('delete')<button class="btn slim"
                                        aria-label="Revoke {{ $feed->title() }}">Revoke</button>
                                </form>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
        <section class="part">
            <h3>A new address <span class="aside quiet">{{ $site->name }}</span></h3>
            <form method="post" action="/me/calendars" class="inline-form">@csrf
                <div class="field"><label for="what">It gives</label><select id="what"
                        name="what">
                        <option value="mine">my work and my teams’</option>
                        <option value="team">the work of a team
                        </option>
                        <option value="site">all visits and orders of
                            the site</option>
                    </select></div>
                <x-field name="team_id" label="Team" type="select">
                    <option value="">—</option>
                    @foreach ($teams as $team)
                        <x-option name="team_id" :value="$team->id">{{ $team->name }}</x-option>
                    @endforeach
                </x-field><button class="btn">Make an address</button>
            </form>
        </section>
    </div>
</div>

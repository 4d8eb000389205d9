<div class="head bare">
    <div>
        <h2>{{ $me->name }} <span class="tag">{{ $me->login }}</span></h2>
        <div class="meta"><span>roles
                <b>{{ implode(', ', array_map(fn($role) => $role->value, $me->roles())) }}</b></span>
        </div>
    </div>
    <div class="acts">
        <form method="post" action="/logout" hx-boost="false">@csrf<button class="btn">Log
                out</button></form>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <section class="part form">
            <h3>Colours</h3>
            <form method="post" action="/me/scheme" hx-boost="false">@csrf
                <div class="buttons">
                    @php
                        $schemes = [
                            'auto' => 'As the device prefers',
                            'light' => 'Limestone (light)',
                            'dark' => 'Night (dark)',
                        ];
                    @endphp
                    @foreach ($schemes as $scheme => $label)
                        <button name="scheme" value="{{ $scheme }}"
                            @class(['btn', 'strong' => $me->scheme === $scheme])>{{ $label }}</button>
                    @endforeach
                </div>
            </form>
        </section>
        <section class="part form">
            <h3>Password</h3>
            <form method="post" action="/me/password">@csrf
                <x-field name="current_password" label="Present password" type="password" required
                    autocomplete="current-password" />
                <x-field name="password" label="New password" type="password" required
                    autocomplete="new-password"
                    hint="At least 10 characters; a few words in a row are easy to remember." />
                <x-field name="password_confirmation" label="New password again" type="password"
                    required autocomplete="new-password" />
                <button class="btn strong">Change the password</button>
            </form>
        </section>
        <section class="part form" id="sessions">
            <h3>Logged in <small>on these devices</small></h3>
            <table class="dense">
                <thead>
                    <tr>
                        <th>device</th>
                        <th>place</th>
                        <th>last use</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($sessions as $session)
                        <tr>
                            <td>{{ $session->device }}
                                @if ($session->id === $thisSession)
                                    <b>this one</b>
                                @endif
                            </td>
                            <td class="tag">{{ $session->ip }}</td>
                            <td>{{ $w->instant(gmdate('Y-m-d H:i:s', $session->last_activity)) }}
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <form method="post" action="/me/log-out">@csrf<button class="btn">Log out everywhere
                    else</button>
            </form>
        </section>
        <section class="part form" id="tokens">
            <h3>Tokens <small>for machines and programs</small></h3>
            @if (session('token'))
                <div class="note" role="status">
                    <p>This is the token for <b>{{ session('token')[0] }}</b>. It is shown this
                        once; copy it now.</p>
                    <p><input class="tag whole-line" readonly aria-label="The token"
                            value="{{ session('token')[1] }}">
                    </p>
                </div>
            @endif
            <p>A token lets a program use the <a href="/api">API</a> with your rights. Give each
                program one of its
                own, so that it can be revoked alone.</p>
            @if ($tokens->isNotEmpty())
                <table class="dense">
                    <thead>
                        <tr>
                            <th>token</th>
                            <th>may</th>
                            <th>made</th>
                            <th>used last</th>
                            <th></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($tokens as $token)
                            <tr>
                                <td>{{ $token->name }}</td>
                                <td>{{ in_array('write', $token->abilities, true) ? 'read and write' : 'read' }}
                                </td>
                                <td>{{ $w->instant($token->created_at) }}</td>
                                <td>{{ $token->last_used_at ? $w->instant($token->last_used_at) : 'never' }}
                                </td>
                                <td class="r">
                                    <form method="post" action="/me/tokens/{{ $token->id }}">
                                        @csrf
                                        @method('delete')<button class="btn slim"
                                            aria-label="Revoke the token {{ $token->name }}">Revoke</button>
                                    </form>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            <form method="post" action="/me/tokens" class="inline-form">@csrf<x-field
                    name="name" label="Used by" placeholder="Line 3 gateway" maxlength="80" />
                <div class="field"><label for="may">It may</label><select id="may"
                        name="may">
                        <option value="read">read</option>
                        <option value="write">read and write</option>
                    </select></div><button class="btn">Make a token</button>
            </form>
        </section>
    </div>
</div>

@php
    $said = [
        'in' => 'logged in',
        'wrong' => 'wrong password or account',
        'locked' => 'refused: too many tries',
    ];
@endphp
<div class="head bare">
    <div>
        <h2>Sign-ins</h2>
        <div class="meta"><span>the last {{ $most }}, newest first</span></div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <p>What people may do is changed under People, and every change stands in the
            <a href="/log">log of the plant</a>.
        </p>
        <div class="scroll">
            <table class="dense">
                <thead>
                    <tr>
                        <th>when</th>
                        <th>account</th>
                        <th>what</th>
                        <th>place</th>
                        <th class="drop">device</th>
                    </tr>
                </thead>
                <tbody>
                    @forelse ($entries as $entry)
                        <tr>
                            <td>{{ $w->instant($entry->at) }}</td>
                            <td>
                                @if ($entry->user_id)
                                    <a
                                        href="/setup/people/{{ $entry->user_id }}">{{ $entry->name }}</a>
                                @endif
                                <span class="tag">{{ $entry->login }}</span>
                            </td>
                            <td @class(['late-text' => $entry->what !== 'in'])>{{ $said[$entry->what] }}</td>
                            <td class="tag">{{ $entry->ip }}</td>
                            <td class="drop">{{ $entry->device }}</td>
                        </tr>
                    @empty
                        <tr>
                            <td colspan="5">Nobody has logged in yet.</td>
                        </tr>
                    @endforelse
                </tbody>
            </table>
        </div>
    </div>
</div>

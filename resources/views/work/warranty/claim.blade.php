<div class="claim">
    <p><b>{{ $claim->label() }}</b> {{ $claim->state->value }}@if ($claim->state->isOpen())
            since {{ $w->day($claim->claimed_on) }}
        @else
            {{ $w->day($claim->decided_on) }}
        @endif
        @if ($claim->credit_cents !== null && $seesCosts)
            · credit {{ $w->money($claim->credit_cents) }}
        @endif
        <span class="quiet">· {{ $claim->supplier?->name ?? 'no supplier named' }}@if ($claim->reference)
                · {{ $claim->reference }}
            @endif
        </span><br>{{ $claim->what }}
        @if ($claim->kept)
            <span class="quiet">Parts kept: {{ $claim->kept }}.</span>
        @endif
        @if ($claim->reason)
            <span class="quiet">“{{ $claim->reason }}”</span>
        @endif
    </p>
    @if ($mayClaim && $claim->state->isOpen())
        <form class="inline-form" method="post"
            action="{{ $by }}/claims/{{ $claim->id }}">@csrf
            @method('put')
            <div class="field"><label>It was<br><select name="claim_state">
                        <option value="granted">granted</option>
                        <option value="refused">refused</option>
                    </select></label></div>
            <div class="field"><label>Credit<br><input name="credit" size="9"
                        maxlength="20"></label></div>
            <div class="field"><label>Why<br><input name="claim_reason" maxlength="250"></label>
            </div>
            <button class="btn">Write it down</button>
        </form>
    @endif
</div>

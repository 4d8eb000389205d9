@if ($mayAgree && $line->planned_cents !== null)
    @php
        $isAgreed = $line->agreed_on !== null;
        $says = $isAgreed ? "Take the agreement on {$line->what} back" : "Agree on {$line->what}";
    @endphp
    <form class="off" method="post" action="{{ $by }}/plan/service/{{ $line->id }}">
        @csrf
        @method('put')
        <input type="hidden" name="agreed" value="{{ $isAgreed ? 0 : 1 }}">
        <button class="btn slim"
            aria-label="{{ $says }}">{{ $isAgreed ? 'take back' : 'agree' }}</button>
    </form>
@endif

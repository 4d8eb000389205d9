<section class="part" id="sign">
    <h3>Signature</h3>
    @if ($record->signed_who)
        <p>Signed by {{ $record->signed_who }}, {{ $w->instant($record->signed_at) }}. What it holds
            stands
            until the signature is taken back.</p>
        @can('sign', $record)
            <x-move title="Take the signature back" action="/shifts/{{ $record->id }}/take-back"
                button="Take it back" :version="$record->version" :fields="['because']">
                <x-field name="because" label="Why" required maxlength="250" />
            </x-move>
        @endcan
    @elseif (!$isOver)
        <p class="quiet small">It is signed by a supervisor when the shift is over.</p>
    @else
        @can('sign', $record)
            <form method="post" action="/shifts/{{ $record->id }}/sign">@csrf
                <input type="hidden" name="version" value="{{ $record->version }}">
                <button class="btn">Sign the shift</button>
            </form>
        @else
            <p class="quiet small">Not signed yet.</p>
        @endcan
    @endif
</section>

@props(['step', 'to' => null, 'meters' => null])
@php
    $q = $step->question();
    $kind = $step->answer->value;
    $name = 'step ' . $step->position;
    $off = $to === null ? 'disabled' : '';
    $bad = $errors->any() && (int) old('step_at') === $step->position;
@endphp
<form class="ask ask-{{ $kind }}" data-form="step-{{ $step->position }}"
    @if ($to) method="post" action="{{ $to }}" @endif
    @if ($q->kind->isPicture()) enctype="multipart/form-data" @endif
    @if ($kind === 'signature') x-data="signing" x-on:submit="put" @endif>
    @csrf<input type="hidden" name="step_at" value="{{ $step->position }}">
    @if ($kind === 'check')<span class="three"
            role="group" aria-label="Answer of {{ $name }}">
            @foreach ($lists->verdicts() as $verdict)
                <button class="btn slim verdict-{{ $verdict->value }}" name="value"
                    value="{{ $verdict->value }}"
                    aria-pressed="{{ $step->verdict?->value === $verdict->value ? 'true' : 'false' }}"
                    {{ $off }}>{{ $verdict->value }}</button>
            @endforeach
        </span>
    @elseif ($kind === 'number' || $kind === 'reading')
        @if ($kind === 'reading' && $meters?->count() > 1)<select name="meter_id"
                aria-label="Meter of {{ $name }}" {{ $off }}>
                <option value="">which meter?</option>
                @foreach ($meters as $meter)
                    <option value="{{ $meter->id }}">
                        {{ $meter->name }}</option>
                @endforeach
            </select>
        @endif
        @php
            $metersWords =
                $kind === 'reading' && $meters?->count() === 1
                    ? $meters->first()->unit .
                        ($meters->first()->last_shown === null
                            ? ''
                            : ', showed ' . $meters->first()->text($meters->first()->last_shown))
                    : $q->unit;
        @endphp
        <input type="text" inputmode="decimal" name="value" size="8"
            value="{{ $step->value }}"
            aria-label="{{ $kind === 'reading' ? 'Reading' : 'Number' }} of {{ $name }}"
            {{ $off }}><span
            class="quiet">{{ $metersWords }}{{ $q->limits() === '' ? '' : ' · ' . $q->limits() }}</span>
        @if ($bad && $errors->has('turn'))
            <select name="turn" aria-label="What happened to the meter">
                <option value="">mistyped: I correct it</option>
                <option value="confirmed">it is right as typed</option>
                <option value="rolled over">it rolled over</option>
            </select>
        @endif
        <button class="btn slim" {{ $off }}>Keep</button>
    @elseif ($kind === 'choice')
        <select name="value" aria-label="Choice of {{ $name }}" {{ $off }}>
            <option value="">choose</option>
            @foreach ($q->offered() as $one)
                <option @selected($step->value === $one)>{{ $one }}</option>
            @endforeach
        </select>
        <button class="btn slim" {{ $off }}>Keep</button>
    @elseif ($kind === 'text')
        <input class="whole-line" type="text" name="value" maxlength="1000"
            value="{{ $step->value }}" aria-label="Text of {{ $name }}"
            {{ $off }}><button class="btn slim" {{ $off }}>Keep</button>
    @elseif ($kind === 'photo')
        <input type="file" name="file" accept="image/jpeg,image/png,image/webp"
            capture="environment" aria-label="Photo of {{ $name }}"
            {{ $off }}><button class="btn slim" {{ $off }}>Keep the
            photo</button>
    @elseif ($kind === 'signature')
        <canvas class="sign" width="360" height="110" role="img"
            aria-label="Sign here for {{ $name }}"></canvas><input type="hidden"
            name="drawn"><span class="buttons"><button class="btn slim" {{ $off }}>Keep
                the signature</button><button class="btn slim" type="button" x-on:click="wipe"
                {{ $off }}>Wipe</button></span>
    @endif
    @if ($bad)
        @foreach ($errors->all() as $message)
            <span class="error" role="alert">{{ $message }}</span>
        @endforeach
    @endif
</form>

@extends('work.requests.floor')
@section('site', $site->name)
@section('corner')
    @if ($person)
        <a href="/today">{{ $person->name }}</a>
    @else
        <a href="/login">log in</a>
    @endif
@endsection
@section('floor')
    <h1>{{ $title }}</h1>
    <p class="quiet">{{ $where->tag }}{{ $place === '' ? '' : " · {$place}" }}
        @if ($person)
            · <a href="/report">it is another one</a>
        @endif
    </p>
    <form id="report" method="post" action="{{ $to }}" enctype="multipart/form-data"
        x-data="reporting" class="report">@csrf
        <fieldset class="taps">
            <legend class="visually-hidden">What is wrong</legend>
            @foreach ($symptoms as $symptom)
                <label class="tap"><input type="radio" name="symptom"
                        value="{{ $symptom }}"><span>{{ $symptom }}</span></label>
            @endforeach
            <label class="tap"><input type="radio" name="symptom" value=""><span>something
                    else</span></label>
        </fieldset>
        <label class="visually-hidden" for="what">What is wrong, in a sentence</label>
        <textarea id="what" name="what" rows="2" placeholder="In a sentence, if you like"
            @error('what') aria-invalid="true" @enderror></textarea>
        @error('what')
            <span class="error" role="alert">{{ $message }}</span>
        @enderror
        @include('work.requests.similar')
        <div class="two">
            <div>
                <label class="shot" x-ref="shot"><span x-ref="take">Add a photo</span><input
                        type="file" name="photo" accept="image/*" capture="environment"
                        x-on:change="show" x-ref="file"></label>
                <div class="spot" x-ref="frame" hidden>
                    <img alt="Your photo. Tap where it is wrong." x-ref="photo" x-on:click="mark">
                    <svg viewBox="0 0 1000 1000" preserveAspectRatio="none" aria-hidden="true">
                        <ellipse x-ref="ring" cx="-200" cy="-200" rx="60"
                            ry="60" />
                    </svg>
                </div>
                <span class="hint" x-ref="hint" hidden>Tap the spot.</span>
                <input type="hidden" name="spot" x-ref="spot">
                @error('photo')
                    <span class="error" role="alert">{{ $message }}</span>
                @enderror
            </div>
            <fieldset class="down">
                <legend>Is it down?</legend>
                <label class="tap"><input type="radio" name="down" value="0"
                        checked><span>no, it runs</span></label>
                <label class="tap"><input type="radio" name="down" value="1"><span>yes,
                        since</span></label>
                <input type="datetime-local" name="down_since" aria-label="Down since"
                    value="{{ $now }}" max="{{ $now }}">
                @error('down_since')
                    <span class="error" role="alert">{{ $message }}</span>
                @enderror
            </fieldset>
        </div>
        <fieldset class="soon">
            <legend>How soon?</legend>
            @foreach (['can wait', 'this shift', 'at once'] as $soon)
                <label class="tap"><input type="radio" name="how_soon" value="{{ $soon }}"
                        @checked($soon === 'this shift')><span>{{ $soon }}</span></label>
            @endforeach
        </fieldset>
        @unless ($person)
            <x-field name="reporter" label="Who you are" required autocomplete="name"
                hint="Your name and line, so that somebody can ask you." />
        @endunless
        <button class="btn strong wide">Send the report</button>
        <p class="quiet small">You will get a link that shows what becomes of it.</p>
    </form>
@endsection

@if (session('said'))
    <div class="said" role="status">
        {{ session('said') }}@if (session('undo'))
            <form class="undo" method="post" action="{{ session('undo')['href'] }}">@csrf
                @method(session('undo')['method']) @foreach (session('undo')['fields'] as $name => $value)
                    <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                @endforeach
                <button class="btn slim">
                    Undo</button>
            </form>
        @endif
    </div>
@endif
@if ($errors->has('form'))
    <p class="said said-bad" role="alert">{{ $errors->first('form') }}</p>
@endif
@if ($errors->has('planned_on') || ($errors->has('stale') && old('planned_on')))
    <p class="said said-bad" role="alert">
        {{ $errors->first('planned_on') ?: $errors->first('stale') }}</p>
@endif

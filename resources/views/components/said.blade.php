@if (session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
@if ($errors->has('form'))<p class="said said-bad" role="alert">{{ $errors->first('form') }}</p>@endif

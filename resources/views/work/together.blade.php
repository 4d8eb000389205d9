<h3>Do together <span class="aside quiet">{{ count($offers) }} visits due close to {{ $w->day($day) }}</span></h3>
@error('schedules')<p class="said said-bad" role="alert">{{ $message }}</p>@enderror
<form method="post" action="/assets/{{ $asset->id }}/together">@csrf @include('work.along', ['checked' => true])<p><button class="btn">Make one order of these</button></p></form>

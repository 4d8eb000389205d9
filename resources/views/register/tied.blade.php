<h3>
    Stopped with it</h3>
@error('with')
    <p class="said said-bad" role="alert">{{ $message }}</p>
@enderror
@if ($others->isEmpty())
<p class="quiet small">Nothing else stands still when this does.</p>@else<p>
        @foreach ($others as $other)
            <a href="/assets/{{ $other->id }}">{{ $other->name }}</a> <span
                class="tag">{{ $other->tag }}</span>{{ $loop->last ? '' : ', ' }}
        @endforeach
    </p>
@endif
@can('write-register')<form class="inline-form" method="post"
        action="/assets/{{ $assetId }}/tied">@csrf<div class="field"><label>Another that
                stops with it<br><input name="with" size="14" placeholder="tag" required></label>
        </div><button class="btn slim">Add it</button>
    </form>
    @if ($others->isNotEmpty())
        <form method="post" action="/assets/{{ $assetId }}/tied">@csrf
            @method('delete')<button class="link">This one stops alone</button></form>
    @endif @endcan

<div class="head bare">
    <div>
        <div class="crumbs"><a class="only-narrow" href="/methods">‹ All methods ·
            </a>{{ $method->inForce ? "Method, revision {$revision->number} in force" : 'Method, not in force yet' }}
        </div>
        <h2>{{ $method->name }} <span class="tag">{{ $method->code }}</span></h2>
        <div class="meta"><span>for
                <b>{{ $method->class?->name ?? 'any class' }}</b></span><span>type
                <b>{{ $revision?->order_type }}</b></span><span>priority
                <b>{{ $revision?->priority }}</b></span><span>work
                <b>{{ $w->minutes($time->work) }}</b></span><span>from start to end
                <b>{{ $w->minutes($time->elapsed) }}</b></span></div>
    </div>
    <div class="acts"><a class="btn"
            href="/methods/{{ $method->id }}/preview{{ $method->inForce ? '' : '?revision=' . $revision?->number }}">As
            it is worked</a> @can('write-plans')
            <a class="btn"
                href="/methods/{{ $method->id }}/edit">{{ $draft ? 'Change the draft' : 'Change the method' }}</a>
            <a class="btn" href="/methods/new?from={{ $method->id }}">Copy it</a>
        @endcan
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @foreach (['why', 'file', 'parts'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @include('planning.methods.draft')
        @if ($revision?->purpose)
            <p class="pre">{{ $revision->purpose }}</p>
        @endif
        @if ($ladder)
            <p>Service ladder: <b>{{ $ladder->text() }}</b>. A larger level contains the smaller
                ones.</p>
        @endif
        @include('planning.methods.steps')
        @include('planning.methods.labour')
        @include('planning.methods.needs')
        @include('planning.methods.hands')
        @if ($revision?->tools || $revision?->precautions)
            <section class="part">
                <h3>Before the start</h3>
                @if ($revision->tools)
                    <p><span class="quiet">Tools:</span>
                        {{ str_replace("\n", ', ', $revision->tools) }}</p>
                    @endif @if ($revision->precautions)
                        <ul class="plain-list">
                            @foreach (explode("\n", $revision->precautions) as $one)
                                <li>{{ $one }}</li>
                            @endforeach
                        </ul>
                    @endif
            </section>
        @endif
        @include('frame.rest')
    </div>
</div>

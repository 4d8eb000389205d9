<section class="part" id="tablets">
    <h3>Tablets</h3>
    <p class="quiet small">A tablet at the line signs in by a link of its own. It sees and logs this
        line
        alone, until you revoke it.</p>
    @if (session('tablet'))
        <p class="note">Open this on the tablet, once: <a class="pre"
                href="{{ session('tablet') }}">{{ session('tablet') }}</a>. It is shown now and never
            again.</p>
    @endif
    @foreach ($tablets as $tablet)
        <form class="inline" method="post" action="/tablets/{{ $tablet->id }}/revoke">@csrf
            <span>{{ $tablet->name }}</span> <span class="quiet small">
                {{ $tablet->seen_at ? 'seen ' . $w->instant($tablet->seen_at) : 'not signed in yet' }}</span>
            <button class="btn slim">Revoke</button>
        </form>
    @endforeach
    <x-move title="Sign a tablet in" action="/lines/{{ $line->id }}/tablets"
        button="Make its link" :fields="['tablet']">
        <x-field name="tablet" label="Its name" required maxlength="60"
            placeholder="by the winder" />
    </x-move>
</section>

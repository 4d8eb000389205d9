<div class="head bare">
    <div>
        <div class="crumbs"><a class="only-narrow" href="/suppliers">‹ All suppliers</a></div>
        <h2>{{ $supplier->name }}</h2>
        <div class="meta"><span>{{ $supplier->contractor ? 'contractor' : 'supplier' }}</span>
            @if (!$supplier->active)
                <span class="w">no longer used</span>
                @endif @if ($supplier->serves)
                    <span>{{ $supplier->serves }}</span>
                @endif
        </div>
    </div>
    <div class="acts">
        @right('write-register')
            <a class="btn" href="/suppliers/{{ $supplier->id }}/edit">Edit</a>
        @endright
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <section class="part">
            <h3>Contact</h3>
            <dl class="facts">
                @foreach (['person' => $supplier->contact, 'phone' => $supplier->phone] as $label => $value)
                    <div>
                        <dt>{{ $label }}</dt>
                        <dd>{{ $value ?? '—' }}</dd>
                    </div>
                @endforeach
                <div>
                    <dt>e-mail</dt>
                    <dd>
                        @if ($supplier->email)
                            <a href="mailto:{{ $supplier->email }}">{{ $supplier->email }}</a>
                        @else
                            —
                        @endif
                    </dd>
                </div>
                <div>
                    <dt>website</dt>
                    <dd>
                        @if ($supplier->website)
                            <a href="{{ $supplier->website }}" rel="noopener noreferrer"
                                target="_blank">{{ preg_replace('~^https?://~', '', $supplier->website) }}</a>
                        @else
                            —
                        @endif
                    </dd>
                </div>
                <div>
                    <dt>address</dt>
                    <dd class="pre">{{ $supplier->address ?? '—' }}</dd>
                </div>
            </dl>
            @if ($supplier->notes)
                <p class="pre">{{ $supplier->notes }}</p>
            @endif
        </section>
        @foreach ($sections as $section)
            <section class="part">@include($section['view'], $section['data'])</section>
        @endforeach
        <section class="part" id="log">
            <h3>Log</h3><x-log :lines="$log" />
        </section>
    </div>
</div>

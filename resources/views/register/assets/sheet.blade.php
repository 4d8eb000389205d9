<div class="head">
    <div class="faces"><x-dial :size="84" :nearness="$line->nearness" :consumed="$line->consumed"
            :other="$line->other" :lead="$line->lead" />
        @if ($portrait = $documents->first(fn($document) => $document->main))
            <a href="/documents/{{ $portrait->id }}/photo"><img class="portrait"
                    src="/documents/{{ $portrait->id }}?size=small" alt="{{ $portrait->name }}"
                    width="84" height="63"></a>
        @endif
    </div>
    <div>
        <div class="crumbs"><a class="only-narrow" href="/assets">‹ All assets ·
            </a>{{ $site->name }}@foreach ($crumbs as $crumb)
                @php
                    $kindWords =
                        $crumb['kind'] === 'asset'
                            ? '/assets/'
                            : (Gate::allows('see-plant')
                                ? '/places/'
                                : '/assets?place=');
                @endphp
                › <a href="{{ $kindWords }}{{ $crumb['id'] }}">{{ $crumb['name'] }}</a>
            @endforeach
        </div>
        <h2>{{ $asset->name }} <span class="tag">{{ $asset->tag }}</span></h2>
        <div class="meta"><span
                class="w {{ $line->tone() }}">{{ $line->words }}</span><span>class
                <b>{{ $names->class_name }}</b></span><span>criticality
                <b>{{ $asset->criticality }}</b></span><span>life
                <b>{{ $asset->life_state->value }}</b></span></div>
    </div>
    <div class="acts">
        @foreach ($offers as $i => $offer)
            <a @class([
                'btn',
                'strong' =>
                    $offer['strong'] &&
                    $i === array_key_first(array_filter($offers, fn($o) => $o['strong'])),
            ]) href="{{ $offer['href'] }}"
                @if (str_contains($offer['href'], '#')) hx-boost="false" @endif>{{ $offer['label'] }}</a>
        @endforeach
    </div>
</div>
<div class="body">
    <div class="secs"><x-said />
        @if ($asset->merged_into_id)
            <div class="note">This record turned out to be the same asset as another. <a
                    href="/assets/{{ $asset->merged_into_id }}">Its history is there</a>.</div>
        @endif
        @if ($editing)
            @include('register.assets.edit')
        @endif
        @foreach ($sections as $section)
            <section class="part" id="{{ Str::slug($section['title']) }}">
                @include($section['view'], $section['data'])</section>
        @endforeach
        @unless ($editing)
            <section class="part" id="facts">
                <h3>Facts <span class="aside">
                        @can('see-plant')
                            <a href="/labels?asset={{ $asset->id }}">label</a>
                            @endcan @can('update', $asset)
                            <a href="/assets/{{ $asset->id }}/edit">edit</a>
                        @endcan
                    </span>
                </h3>
                <dl class="facts">
                    @php
                        $inServiceOnRows = [
                            'make' => $asset->make,
                            'model' => $asset->model,
                            'serial number' => $asset->serial,
                            'in service since' => $asset->in_service_on
                                ? $w->day($asset->in_service_on)
                                : null,
                            'team' => $names->team_name,
                            'cost centre' =>
                                $names->centre_code === null
                                    ? null
                                    : "{$names->centre_code} {$names->centre_name}",
                            'bought on' => $asset->purchased_on
                                ? $w->day($asset->purchased_on)
                                : null,
                        ] +
                            ($seesCosts
                                ? [
                                    'purchase price' =>
                                        $asset->purchase_cents === null
                                            ? null
                                            : $w->money($asset->purchase_cents),
                                    'replacement value' =>
                                        $asset->replacement_cents === null
                                            ? null
                                            : $w->money($asset->replacement_cents),
                                ]
                                : []) + [
                                'warranty until' => $asset->warranty_until
                                    ? $w->day($asset->warranty_until)
                                    : null,
                                'code of its label' => Sundial\Register\ShortCode::of($asset->id)
                                    ->code,
                            ];
                    @endphp
                    @foreach ($inServiceOnRows as $label => $value)
                        <div>
                            <dt>{{ $label }}</dt>
                            <dd>{{ $value ?? '—' }}</dd>
                        </div>
                    @endforeach
                    <div>
                        <dt>supplier</dt>
                        <dd>
                            @if ($names->supplier_name !== null)
                                @right('see-plant')
                                    <a class="plain"
                                        href="/suppliers/{{ $asset->supplier_id }}">{{ $names->supplier_name }}</a>
                                @else
                                    {{ $names->supplier_name }}
                                @endright
                            @else
                                —
                            @endif
                        </dd>
                    </div>
                    @foreach ($facts as $fact)
                        <div>
                            <dt>{{ $fact['field']->label() }}</dt>
                            <dd>
                                @if ($fact['value'] === null)
                                    @php
                                        $requiredWords = $fact['field']->required ? 'needed' : '—';
                                    @endphp
                                    <span @class(['w late' => $fact['field']->required])>{{ $requiredWords }}</span>
                                @elseif ($fact['field']->type->value === 'link')
                                    @php
                                        $factWords = Str::limit(
                                            preg_replace('~^https?://~', '', $fact['value']),
                                            30,
                                        );
                                    @endphp
                                    <a href="{{ $fact['value'] }}" rel="noopener noreferrer"
                                        target="_blank">{{ $factWords }}</a>
                                @elseif ($fact['field']->type->value === 'document')
                                    @if ($fact['document'])
                                        <a
                                            href="/documents/{{ $fact['value'] }}">{{ $fact['document']->name }}</a>
                                    @else
                                        no longer there
                                    @endif
                                @elseif ($fact['field']->type->value === 'money')
                                    {{ $w->money((int) $fact['value']) }}
                                @elseif ($fact['field']->type->value === 'date')
                                    {{ $w->day($fact['value']) }}
                                    @else{{ $fact['typed'] }}
                                @endif
                                @can('update', $asset)
                                    <details class="in-place"
                                        @if ($errors->has("extra.{$fact['field']->id}")) open @endif>
                                        <summary aria-label="Fill in {{ $fact['field']->name }}">fill in
                                        </summary>
                                        <form method="post"
                                            action="/assets/{{ $asset->id }}/fields/{{ $fact['field']->id }}">
                                            @csrf
                                            @method('put')<x-extra-input :field="$fact['field']"
                                                :typed="$fact['typed']" :documents="$documents" :money="$site->currency"
                                                bare /><button class="btn slim">Save</button></form>
                                    </details>
                                @endcan
                            </dd>
                        </div>
                    @endforeach
                </dl>
                @right('administer')
                    <p class="small quiet"><a href="/setup/fields/new?class={{ $asset->class_id }}">Add a
                            field</a> for every
                        {{ $names->class_name }}</p>
                @endright
                @if ($asset->notes)
                    <p class="pre">{{ $asset->notes }}</p>
                @endif
            </section>
        @endunless
        @can('update', $asset)<section class="part" id="change">
                <h3>Change</h3>
                @if ($asset->merged_into_id)
                    <p class="quiet small">Merged records stay as they are.</p>
                @else
                    <p class="buttons"><a class="btn slim" href="/assets/{{ $asset->id }}/edit">Edit
                            its facts</a><a class="btn slim"
                            href="/assets/{{ $asset->id }}/copy">Make more like it</a><a
                            class="btn slim" href="/assets/{{ $asset->id }}/merge">Merge with
                            another record</a></p>
                    @if ($asset->life_state === Sundial\Register\LifeState::Retired)
                        <form class="inline-form" method="post"
                            action="/assets/{{ $asset->id }}/bring-back">@csrf<div class="field">
                                <label>Bring it back as<br><select name="life_state">
                                        <option>in service</option>
                                        <option>standby</option>
                                        <option>out of service</option>
                                    </select></label>
                            </div><button class="btn">Bring it back</button>
                        </form>
                    @else<details class="act" @error('reason') open @enderror>
                            <summary>Retire it</summary>
                            <form method="post" action="/assets/{{ $asset->id }}/retire">
                                @csrf<x-field name="reason" label="Why" required maxlength="250"
                                    hint="Its schedules stop and it is no longer offered; its history stays, and it can be brought back." />
                                @if (count($inside) > 0)
                                    <div class="field"><label><input type="checkbox" name="inside"
                                                value="1"> with
                                            all that stands inside it</label></div>
                                @endif
                                <button class="btn danger">
                                    Retire {{ $asset->tag }}</button>
                            </form>
                        </details>
                    @endif
                @endif
            </section>
        @endcan
        <section class="part" id="inside">
            <h3>Inside it @can('write-register')
                    <a href="/assets/new?inside={{ urlencode($asset->tag) }}">add a part</a>
                @endcan
            </h3>
            @include('register.inside', [
                'lines' => $inside,
                'none' => 'Nothing stands inside it.',
            ])
        </section>
        <section class="part" id="log">
            <h3>Log @right('see-plant')
                    <a href="/log?asset={{ $asset->id }}">all of it, filtered</a>
                @endright
            </h3><x-log :lines="$log" :more="'/assets/' . $asset->id" />
        </section>
    </div>
    <nav class="toc" aria-label="Sections">
        @foreach ($sections as $section)
            <a href="#{{ Str::slug($section['title']) }}" hx-boost="false">{{ $section['title'] }}
                <i>{{ $section['count'] }}</i></a>
        @endforeach
        <a href="#facts" hx-boost="false">
            Facts</a>
        @can('update', $asset)
            <a href="#change" hx-boost="false">Change</a>
        @endcan
        <a href="#inside" hx-boost="false">Inside it <i>{{ count($inside) ?: '' }}</i></a><a
            href="#log" hx-boost="false">Log</a>
    </nav>
</div>

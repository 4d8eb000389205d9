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
                    @foreach ($known as $label => $value)
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
                                            '…',
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
                                        @error("extra.{$fact['field']->id}") open @enderror>
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

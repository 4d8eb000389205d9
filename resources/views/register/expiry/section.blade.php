<h3>
    Expiry dates</h3>
@if ($dates->isEmpty())
    <p class="quiet small">Nothing that runs out is noted.</p>
@else
    <table>
        <thead>
            <tr>
                <th>what</th>
                <th>until</th>
                <th class="drop">document</th>
                @if ($mayWrite)
                    <th></th>
                @endif
            </tr>
        </thead>
        <tbody>
            @foreach ($dates as $date)
                @php
                    $state = $date->expiry()->state($today);
                @endphp

                <tr>
                    <td>{{ $date->what }}@if ($date->note)
                            <div class="quiet small">{{ $date->note }}</div>
                        @endif
                    </td>
                    @php
                        $stateWords = $state->value === 'holds' ? '' : ', ' . $state->value;
                    @endphp
                    <td><span
                            @class([
                                'w',
                                'late' => $state->value === 'run out',
                                'near' => $state->value === 'running out',
                            ])>{{ $w->day($date->until) }}{{ $stateWords }}</span>
                    </td>
                    <td class="drop">
                        @if ($date->document)
                            <a href="/documents/{{ $date->document_id }}"
                                hx-boost="false">{{ Str::limit($date->document->name, 24, '…') }}</a>
                        @endif
                    </td>
                    @if ($mayWrite)
                        <td class="r">
                            <details class="strike">
                                <summary>renew or change</summary>
                                <form class="inline-form" method="post"
                                    action="/expiry/{{ $date->id }}">@csrf
                                    @method('put')<input type="hidden" name="version"
                                        value="{{ $date->version }}"><input type="date"
                                        name="until" value="{{ $date->until }}"
                                        aria-label="Last day of {{ $date->what }}" required><input
                                        type="number" name="warn_days"
                                        value="{{ $date->warn_days }}" min="0"
                                        max="730"
                                        aria-label="Days of warning before {{ $date->what }} runs out">
                                    @includeWhen(
                                        $documents->isNotEmpty(),
                                        'register.expiry.document')
                                    <input type="hidden" name="expiry_note"
                                        value="{{ $date->note }}">
                                    <button class="btn slim strong" name="renew"
                                        value="1">Renew until
                                        then</button><button
                                        class="btn slim">Correct</button><button class="btn slim"
                                        name="end" value="1" formnovalidate>End it</button>
                                </form>
                            </details>
                        </td>
                    @endif
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@foreach (['until', 'warn_days', 'document_id', 'what'] as $key)
    @error($key)
        <p class="said said-bad" role="alert">{{ $message }}</p>
    @enderror
@endforeach
@if ($ended->isNotEmpty())
    <details class="small quiet">
        <summary>{{ $ended->count() }} before</summary>
        <ul>
            @foreach ($ended as $old)
                <li>{{ $old->what }}, until
                    {{ $w->day($old->until) }}{{ $old->renewed_by_id ? ', renewed' : ', ended' }}
                    @if ($old->document)
                        · <a href="/documents/{{ $old->document_id }}"
                            hx-boost="false">{{ $old->document->name }}</a>
                    @endif
                </li>
            @endforeach
        </ul>
    </details>
@endif
@if ($mayWrite)
    <details class="act">
        <summary>Note another</summary>
        <form method="post" action="/expiry/on/{{ $subject->kind }}/{{ $subject->id }}">@csrf
            <div class="pair"><x-field name="what" label="What" required list="expiry-kinds"
                    autocomplete="off" /><x-field name="until" label="Last day" type="date"
                    required /><x-field name="warn_days" label="Days of warning" type="number"
                    min="0" max="730" value="30" />
                @if ($documents->isNotEmpty())
                    <x-field name="document_id" label="Document" type="select">
                        <option value="">none</option>
                        @foreach ($documents as $document)
                            <x-option name="document_id"
                                :value="$document->id">{{ $document->name }}</x-option>
                        @endforeach
                    </x-field>
                @endif
            </div>
            <x-field name="expiry_note" label="Note" />
            <datalist id="expiry-kinds">
                @php
                    $kindRows =
                        $subject->kind === 'person'
                            ? [
                                'certificate of competence',
                                'first-aid certificate',
                                'work-at-height certificate',
                                'medical',
                            ]
                            : [
                                'statutory examination',
                                'insurance',
                                'calibration',
                                'warranty',
                                'permit',
                            ];
                @endphp
                @foreach ($kindRows as $kind)
                    <option value="{{ $kind }}"></option>
                @endforeach
            </datalist><button class="btn">Note it</button>
        </form>
    </details>
@endif

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
        @error('why')
            <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror @error('file')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        @if ($draft)
            <div class="note">Revision {{ $draft->number }} is a
                @php
                    $inForceWords = $method->inForce
                        ? '; orders follow revision ' .
                            $method->inForce->number .
                            ' until it is put in force'
                        : '; nothing is released by this method until it is put in force';
                @endphp
                draft{{ $inForceWords }}.
                @if ($method->inForce)
                    @php
                        $numberWords = $method->inForce->number;
                    @endphp
                    <a
                        href="/methods/{{ $method->id }}/compare?old={{ $numberWords }}&new={{ $draft->number }}">See
                        what it changes</a>
                @endif
                @can('write-plans')
                    <form class="inline-form" method="post"
                        action="/methods/{{ $method->id }}/in-force">@csrf<div class="field">
                            <label>Why<br><input name="why" size="34" maxlength="250" required
                                    value="{{ old('why') }}"></label>
                        </div><button class="btn strong">Put revision
                            {{ $draft->number }} in force</button></form>
                    @if ($method->inForce)
                        <form method="post" action="/methods/{{ $method->id }}/draft">@csrf
                            @method('delete')<button class="link">Throw the draft away</button></form>
                    @endif
                @endcan
            </div>
        @endif
        @if ($revision?->purpose)
            <p class="pre">{{ $revision->purpose }}</p>
        @endif
        @if ($ladder)
            <p>Service ladder: <b>{{ $ladder->text() }}</b>. A larger level contains the smaller
                ones.</p>
        @endif
        <section class="part">
            <h3>Steps</h3>
            <ol class="steps">
                @foreach ($revision->steps ?? [] as $step)
                    <li><span class="position">{{ $step->position }}</span>
                        <div>{{ $step->text }}@if ($ladder && $step->level > 1)
                                <span class="tag">from {{ $ladder->name($step->level) }}</span>
                                @endif @if ($step->detail)
                                    <div class="detail">{{ $step->detail }}</div>
                                    @endif @if ($step->safety)
                                        <div class="safety">{{ $step->safety }}</div>
                                        @endif @if ($step->answer->value !== 'tick' || $step->each_asset)
                                            <div class="quiet small">
                                                @php
                                                    $eachAssetWords = $step->each_asset
                                                        ? ($step->answer->value === 'tick'
                                                            ? 'for each asset of a round'
                                                            : '; for each asset of a round')
                                                        : '';
                                                    $limitsWords = $step->question()->limits()
                                                        ? ', ' . $step->question()->limits()
                                                        : ($step->unit
                                                            ? " in {$step->unit}"
                                                            : '');
                                                    $answerWords =
                                                        $step->answer->value === 'tick'
                                                            ? ''
                                                            : 'asks for ' . $step->answer->words();
                                                    $choicesWords = $step->choices
                                                        ? ": {$step->choices}"
                                                        : '';
                                                @endphp
                                                {{ $answerWords }}{{ $limitsWords }}{{ $choicesWords }}{{ $eachAssetWords }}
                                            </div>
                                        @endif
                        </div>
                        <span
                            class="r quiet">{{ $step->minutes ? $w->minutes($step->minutes) : '' }}</span>
                    </li>
                @endforeach
            </ol>
        </section>
        <section class="part form">
            <h3>Labour</h3>
            @if ($revision?->labour->isNotEmpty())
                <table>
                    <thead>
                        <tr>
                            <th>trade</th>
                            <th class="r">people</th>
                            <th class="r">each</th>
                            <th class="r">together</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($revision->labour as $line)
                            <tr>
                                <td>{{ $line->trade->name }}@if ($ladder && $line->level > 1)
                                        <span class="tag">from
                                            {{ $ladder->name($line->level) }}</span>
                                    @endif
                                </td>
                                <td class="r">{{ $line->people }}</td>
                                <td class="r">{{ $w->minutes($line->minutes) }}</td>
                                <td class="r">
                                    {{ $w->minutes($line->people * $line->minutes) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
            </table>@else<p class="quiet small">No trade is named; the minutes of the steps
                    count.</p>
            @endif
        </section>
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
        @foreach ($sections as $section)
            <section class="part">@include($section['view'], $section['data'])</section>
        @endforeach
        <section class="part">
            <h3>Schedules that use it</h3>
            @if ($schedules->isEmpty())
                <p class="quiet small">None yet. Open an asset and add a schedule with this method.
            </p>@else<table>
                    <tbody>
                        @foreach ($schedules as $schedule)
                            <tr @class(['quietly' => $schedule->ended])>
                                <td class="tag">{{ $schedule->asset->tag }}</td>
                                <td><a
                                        href="/schedules/{{ $schedule->id }}">{{ $schedule->name }}</a>
                                </td>
                                <td class="r">
                                    {{ $schedule->ended ? 'ended' : $w->day($schedule->standing->next_due_on) }}
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <section class="part form" id="revisions">
            <h3>Revisions</h3>
            <table>
                <tbody>
                    @foreach ($revisions as $one)
                        <tr>
                            <td>revision {{ $one->number }}</td>
                            <td>{{ $one->state }}@if ($one->why)
                                    <div class="quiet small">“{{ $one->why }}”</div>
                                @endif
                            </td>
                            <td>{{ $one->put_by }}</td>
                            <td class="r">{{ $w->instant($one->put_at ?? $one->made_at) }}
                            </td>
                            <td class="r">
                                @unless ($loop->last)
                                    @php
                                        $numberWords2 = $revisions[$loop->index + 1]->number;
                                    @endphp
                                    <a
                                        href="/methods/{{ $method->id }}/compare?old={{ $numberWords2 }}&new={{ $one->number }}">what
                                        changed</a>
                                @endunless
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="small">Give it out: <a href="/methods/{{ $method->id }}.json"
                    hx-boost="false">whole, as
                    JSON</a> (<a href="/schemas/method.json" hx-boost="false">schema</a>), <a
                    href="/methods/{{ $method->id }}/steps.csv" hx-boost="false">its steps, as
                    CSV</a>.</p>
            @can('write-plans')
                <details class="act">
                    <summary>Read its steps from a file</summary>
                    <form method="post" action="/methods/{{ $method->id }}/steps"
                        enctype="multipart/form-data">@csrf
                        <div class="field"><label for="steps-file">A file of CSV with the columns of
                                the one that is given
                                out</label><input id="steps-file" type="file" name="file"
                                accept=".csv,text/csv" required></div><button class="btn">Read the
                            steps into a draft</button>
                    </form>
                </details>
            @endcan
        </section>
        <section class="part">
            <h3>Log</h3><x-log :lines="$log" />
        </section>
    </div>
</div>

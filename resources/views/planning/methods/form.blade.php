@php
    $ladderHint =
        'Levels with their multiples, where some visits are larger than others: every visit is small, every ' .
        '2nd medium, every 4th large. Empty: all visits are alike.';
    $steps = old(
        'steps',
        $revision
            ? $revision->steps
                ->map(fn($step) => App\Planning\Methods\MethodFile::step($step))
                ->all()
            : [],
    );
    $labour = old(
        'labour',
        $revision
            ? $revision->labour->map->only(['trade_id', 'people', 'minutes', 'level'])->all()
            : [],
    );
    $steps = array_pad(array_values($steps), max(count($steps) + 1, 3), [
        'text' => '',
        'detail' => '',
        'safety' => '',
        'minutes' => '',
    ]);
    $labour = array_pad(array_values($labour), count($labour) + 1, [
        'trade_id' => '',
        'people' => '1',
        'minutes' => '',
    ]);
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="/methods">Methods</a></div>
        <h2>{{ $method->name ?? 'New method' }}</h2>
        @if ($method && $revision?->state === 'draft')
            <div class="meta">This is the draft, revision {{ $revision->number }}.</div>
        @elseif ($method)
            <div class="meta">A change becomes the next revision; orders already made keep theirs.
            </div>
        @elseif ($from)
            <div class="meta">A copy of {{ $from->code }} {{ $from->name }}.</div>
        @endif
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @if ($errors->any() && !$errors->has('stale'))
            <div class="note bad" role="alert"><b>Not saved yet.</b>
                <ul>
                    @foreach (array_unique($errors->all()) as $error)
                        <li>{{ $error }}</li>
                    @endforeach
                </ul>
            </div>
        @endif
        <form class="form" method="post"
            action="{{ $method ? "/methods/{$method->id}" : '/methods' }}">@csrf
            @if ($method)
                @method('put') <x-version :of="$method" :labels="['name' => 'Name', 'code' => 'Code']" />
            @else
                <x-once />
            @endif
            @php
                $valueGiven = $method->name ?? ($from ? $from->name . ', copy' : null);
            @endphp
            <div class="pair"><x-field name="name" label="Name" :value="$valueGiven"
                    required /><x-field name="code" label="Code" :value="$method->code ?? $nextCode" required />
            </div>
            <div class="pair"><x-field name="class_id" label="For class" type="select">
                    <option value="">any class</option>
                    @foreach ($classes as $class)
                        <x-option name="class_id" :value="$class->id"
                            :current="$from?->class_id">{{ $class->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="order_type" label="Type of the orders" type="select">
                    @foreach (Sundial\Work\OrderType::cases() as $type)
                        <x-option name="order_type" :value="$type->value"
                            :current="$revision->order_type ?? 'preventive'">{{ $type->value }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="priority" label="Priority" type="select">
                    @foreach (Sundial\Work\Priority::cases() as $priority)
                        <x-option name="priority" :value="$priority->value"
                            :current="$revision->priority ?? 'routine'">{{ $priority->value }}</x-option>
                    @endforeach
                </x-field>
            </div>
            <x-field name="purpose" label="What it is for" type="textarea" :value="$revision?->purpose" />
            <x-field name="ladder" label="Service ladder" :value="$revision?->ladder"
                placeholder="small 1, medium 2, large 4" :hint="$ladderHint" />
            <div x-data="levels">
                <section class="part" x-data="listEditor">
                    <h3>Steps <span class="aside quiet">what is done, for how many minutes, what to
                            beware of, and what
                            is asked; drag a number to move its step. A choice that ends with “!”
                            counts as a
                            failure.</span></h3>
                    <ol class="stepper by-hand" data-list>
                        @foreach ($steps as $i => $step)
                            @php
                                $detail = $step['detail'] ?? '';
                            @endphp

                            <li><span class="position">{{ $i + 1 }}</span>
                                <div><input name="steps[{{ $i }}][text]"
                                        value="{{ $step['text'] ?? '' }}"
                                        aria-label="Text of step {{ $i + 1 }}"
                                        maxlength="250"
                                        @if ($errors->has("steps.{$i}.text")) aria-invalid="true" @endif>
                                    <textarea name="steps[{{ $i }}][detail]"
                                        aria-label="Details of step {{ $i + 1 }}" placeholder="details" rows="1">{{ $detail }}</textarea>
                                    <input class="safety-in"
                                        name="steps[{{ $i }}][safety]"
                                        value="{{ $step['safety'] ?? '' }}"
                                        aria-label="Safety note of step {{ $i + 1 }}"
                                        placeholder="safety note">
                                    <div class="asks"><label>asks for <select class="answer"
                                                name="steps[{{ $i }}][answer]"
                                                aria-label="Answer of step {{ $i + 1 }}"
                                                data-initial="tick">
                                                @foreach (Sundial\Planning\Method\AnswerKind::cases() as $kind)
                                                    <option value="{{ $kind->value }}"
                                                        @selected(($step['answer'] ?? 'tick') === $kind->value)>
                                                        {{ $kind->words() }}</option>
                                                @endforeach
                                            </select>
                                        </label><label class="if-unit">in <input
                                                name="steps[{{ $i }}][unit]"
                                                value="{{ $step['unit'] ?? '' }}" size="6"
                                                maxlength="20"
                                                aria-label="Unit of step {{ $i + 1 }}"
                                                placeholder="unit"></label><label
                                            class="if-limits">from <input
                                                name="steps[{{ $i }}][low]"
                                                value="{{ $step['low'] ?? '' }}" size="5"
                                                inputmode="decimal"
                                                aria-label="Lower limit of step {{ $i + 1 }}"
                                                placeholder="any"
                                                @if ($errors->has("steps.{$i}.low")) aria-invalid="true" @endif></label><label
                                            class="if-limits">to <input
                                                name="steps[{{ $i }}][high]"
                                                value="{{ $step['high'] ?? '' }}" size="5"
                                                inputmode="decimal"
                                                aria-label="Upper limit of step {{ $i + 1 }}"
                                                placeholder="any"
                                                @if ($errors->has("steps.{$i}.high")) aria-invalid="true" @endif></label><label
                                            class="if-choices"><input
                                                name="steps[{{ $i }}][choices]"
                                                value="{{ $step['choices'] ?? '' }}" size="26"
                                                maxlength="500"
                                                aria-label="Choices of step {{ $i + 1 }}"
                                                placeholder="clean, worn, cracked!"
                                                @if ($errors->has("steps.{$i}.choices")) aria-invalid="true" @endif></label><label
                                            class="tickable"><input type="checkbox"
                                                name="steps[{{ $i }}][each_asset]"
                                                value="1" @checked($step['each_asset'] ?? false)
                                                aria-label="Step {{ $i + 1 }} is done for each asset of a round">
                                            for each asset of a round</label></div>
                                </div><input type="number" min="0" max="9999"
                                    name="steps[{{ $i }}][minutes]"
                                    value="{{ $step['minutes'] ?? '' }}"
                                    aria-label="Minutes of step {{ $i + 1 }}"
                                    placeholder="min"><span class="buttons"><select
                                        class="level" name="steps[{{ $i }}][level]"
                                        aria-label="Level of step {{ $i + 1 }}"
                                        data-initial="1"
                                        @if (count($levels) === 0) hidden @endif>
                                        @foreach ($levels === [] ? [1 => 'every visit'] : $levels as $multiple => $name)
                                            <option value="{{ $multiple }}"
                                                @selected((int) ($step['level'] ?? 1) === $multiple)>
                                                {{ $name }}</option>
                                        @endforeach
                                    </select>
                                    <button type="button" class="btn slim" x-on:click="up"
                                        aria-label="Move step {{ $i + 1 }} up">↑</button><button
                                        type="button" class="btn slim" x-on:click="remove"
                                        aria-label="Take away step {{ $i + 1 }}">×</button></span>
                            </li>
                        @endforeach
                    </ol>
                    <button type="button" class="btn slim" x-on:click="add">Add a step</button>
                </section>
                <section class="part" x-data="listEditor">
                    <h3>Labour <span class="aside quiet">people of a trade, minutes each; what a
                            larger level
                            adds</span></h3>
                    <ul class="stepper" data-list>
                        @foreach ($labour as $i => $line)
                            <li><span></span><select name="labour[{{ $i }}][trade_id]"
                                    aria-label="Trade of labour line {{ $i + 1 }}">
                                    <option value="">no trade</option>
                                    @foreach ($trades as $trade)
                                        <option value="{{ $trade->id }}"
                                            @selected((string) ($line['trade_id'] ?? '') === (string) $trade->id)>
                                            {{ $trade->name }}</option>
                                    @endforeach
                                </select>
                                <input type="number" min="1" max="99"
                                    name="labour[{{ $i }}][people]"
                                    value="{{ $line['people'] ?? 1 }}" data-initial="1"
                                    aria-label="People of labour line {{ $i + 1 }}"><span
                                    class="buttons"><input type="number" min="1"
                                        max="9999"
                                        name="labour[{{ $i }}][minutes]"
                                        value="{{ $line['minutes'] ?? '' }}"
                                        aria-label="Minutes of labour line {{ $i + 1 }}"
                                        placeholder="min"><select class="level"
                                        name="labour[{{ $i }}][level]"
                                        aria-label="Level of labour line {{ $i + 1 }}"
                                        data-initial="1"
                                        @if (count($levels) === 0) hidden @endif>
                                        @foreach ($levels === [] ? [1 => 'every visit'] : $levels as $multiple => $name)
                                            <option value="{{ $multiple }}"
                                                @selected((int) ($line['level'] ?? 1) === $multiple)>
                                                {{ $name }}</option>
                                        @endforeach
                                    </select>
                                    <button type="button" class="btn slim" x-on:click="remove"
                                        aria-label="Take away labour line {{ $i + 1 }}">×</button></span>
                            </li>
                        @endforeach
                    </ul>
                    <button type="button" class="btn slim" x-on:click="add">Add a trade</button>
                </section>
            </div>
            <div class="pair"><x-field name="tools" label="Special tools, one a line"
                    type="textarea" :value="$revision?->tools" /><x-field name="precautions"
                    label="Permits and precautions, one a line" type="textarea" :value="$revision?->precautions"
                    hint="Each is confirmed before the work starts." /></div>
            @if ($method)
                <x-field name="why" label="Why it changes" maxlength="250"
                    hint="Shown in the list of revisions." />
            @endif
            <div class="foot-buttons"><button class="btn strong" name="as"
                    value="in force">{{ $method ? 'Put it in force' : 'Save, and put it in force' }}</button><button
                    class="btn" name="as" value="draft">Keep as a draft</button><a
                    class="btn"
                    href="{{ $method ? "/methods/{$method->id}" : '/methods' }}">Leave
                    unchanged</a></div>
        </form>
    </div>
</div>

@php
    $ladderHint =
        'Levels with their multiples, where some visits are larger than others: every visit is small, every ' .
        '2nd medium, every 4th large. Empty: all visits are alike.';
    $steps = old('steps', $steps);
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
        @if ($method && $revision?->state->value === 'draft')
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
                    @foreach ($types as $type)
                        <x-option name="order_type" :value="$type->name"
                            :current="$revision->order_type ?? 'preventive'">{{ $type->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="priority" label="Priority" type="select">
                    @foreach ($lists->priorities() as $priority)
                        <x-option name="priority" :value="$priority->value"
                            :current="$revision->priority ?? 'routine'">{{ $priority->value }}</x-option>
                    @endforeach
                </x-field>
            </div>
            <x-field name="purpose" label="What it is for" type="textarea" :value="$revision?->purpose" />
            <x-field name="ladder" label="Service ladder" :value="$revision?->ladder"
                placeholder="small 1, medium 2, large 4" :hint="$ladderHint" />
            <div x-data="levels">
                @include('planning.methods.form-steps')
                @include('planning.methods.form-labour')
            </div>
            <div class="pair"><x-field name="tools" label="Special tools, one a line"
                    type="textarea" :value="$revision?->tools" /><x-field name="precautions"
                    label="Permits and precautions, one a line" type="textarea" :value="$revision?->precautions"
                    hint="Each is confirmed before the work starts." /></div>
            <div class="pair"><x-field name="parts" label="Parts, one a line" type="textarea"
                    :value="$partLines"
                    hint="“P-0117 x 2”; with “from 4” at the end, only from that level of the ladder." /><x-field
                    name="services" label="Services, one a line" type="textarea" :value="$serviceLines"
                    hint="What somebody else does, and its cost behind “;”." /></div>
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

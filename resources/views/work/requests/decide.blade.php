@php
    $by = "/requests/{$request->id}";
@endphp
<section class="part form" id="decide">
    <h3>Decide otherwise</h3>
    @if ($request->asset)
        @php
            $fields = ['may_run', 'restriction', 'until_on'];
            $answers = [
                'yes' => 'Yes, as always',
                'restricted' => 'Restricted',
                'no' => 'No: it stops',
            ];
        @endphp
        <x-move title="May it run meanwhile?" :action="$by . '/may-run'" button="Say so" :fields="$fields">
            <div class="choices field">
                @foreach ($answers as $value => $says)
                    <label><input type="radio" name="may_run" value="{{ $value }}">
                        {{ $says }}</label>
                @endforeach
            </div>
            <div class="pair">
                <x-field name="restriction" label="How it may run"
                    hint="What is allowed, and what not." />
                <x-field name="until_on" label="Until" type="date" />
            </div>
        </x-move>
    @endif
    <x-move title="Ask {{ $request->reporter }} back" :action="$by . '/ask'" button="Ask"
        :fields="['words']">
        <x-field name="words" label="What you want to know" type="textarea" required />
    </x-move>
    @if ($similar->isNotEmpty())
        <x-move title="It tells of the same as another" :action="$by . '/merge'" button="Merge them"
            :fields="['into_id']">
            <x-field name="into_id" label="The other one" type="select">
                @foreach ($similar as $one)
                    <x-option name="into_id" :value="$one->id">{{ $one->label() }}
                        {{ $one->title() }},
                        {{ $w->relative($one->received_at) }}</x-option>
                @endforeach
            </x-field>
        </x-move>
    @endif
    <x-move title="Decline it" :action="$by . '/decline'" button="Decline it" :fields="['reason']" danger>
        <x-field name="reason" label="Why" type="textarea" required
            hint="Whoever reported it reads this." />
    </x-move>
</section>

@if ($tellsFailure || $order->failure)
    <section class="part" id="failure">
        @if ($asksFailure || $order->failure)
            <h3>What failed</h3>
        @endif
        @if ($order->failure)
            @if ($order->failure->none_because)
                <p>It was no failure: {{ $order->failure->none_because }}</p>
            @else
                <dl class="facts">
                    @foreach ($lists->failureKinds() as $kind)
                        <div>
                            <dt>{{ mb_strtolower($kind->label()) }}</dt>
                            <dd>{{ $order->failure->getAttribute($kind->value) ?? '—' }}</dd>
                        </div>
                    @endforeach
                </dl>
            @endif
            @if ($order->failure->done)
                <p class="pre"><span class="quiet">Done:</span> {{ $order->failure->done }}</p>
            @endif
            @if ($order->failure->left_to_do)
                <p class="pre"><span class="quiet">Left to do:</span>
                    {{ $order->failure->left_to_do }}</p>
            @endif
        @elseif (!$mayWork && $asksFailure)
            <p class="quiet small">Nothing is recorded yet.</p>
        @endif
        @if ($mayWork)
            @include('work.order.failure-usual')
            <details class="act form" @if (
                ($asksFailure && !$order->failure) ||
                    $errors->hasAny(array_column($lists->failureKinds(), 'value')) ||
                    $errors->has('none_because')) open @endif>
                @php
                    $summary = match (true) {
                        $order->failure !== null => 'Correct it',
                        $asksFailure => 'Say what failed',
                        default => 'A failure was found and is mended in this order',
                    };
                @endphp
                <summary>{{ $summary }}</summary>
                @if (!$asksFailure && !$order->failure)
                    <p class="quiet small">Its hours, parts and services are then kept apart from
                        the planned work.</p>
                @endif
                <form data-form="failure" method="post" action="{{ $by }}/failure">@csrf
                    @method('put')
                    @if ($order->failure)
                        <x-version :of="$order->failure" :labels="['mode' => 'Failure mode', 'cause' => 'Cause']" />
                    @else
                        <input type="hidden" name="version" value="0">
                    @endif
                    <div class="pair">
                        @foreach ($lists->failureKinds() as $kind)
                            @php
                                $value =
                                    $order->failure?->getAttribute($kind->value) ??
                                    ($usual[$kind->value] ?? null);
                            @endphp
                            <x-field :name="$kind->value" :label="$kind->label()" type="select">
                                <option value="">not known</option>
                                @foreach ($words[$kind->value] as $word)
                                    <x-option :name="$kind->value" :value="$word"
                                        :current="$value">{{ $word }}</x-option>
                                @endforeach
                            </x-field>
                        @endforeach
                        <x-field name="failed_at" label="Since when" type="datetime-local"
                            :value="$failedAt" />
                    </div>
                    <x-field name="done" label="Done" type="textarea" :value="$order->failure?->done" />
                    <x-field name="left_to_do" label="Left to do" type="textarea"
                        :value="$order->failure?->left_to_do" />
                    <div class="choices field"><label><input type="checkbox" name="is_none"
                                value="1"> It was no
                            failure</label>
                    </div>
                    <x-field name="none_because" label="Why it was none" />
                    <button class="btn">Record it</button>
                </form>
            </details>
        @endif
    </section>
@endif

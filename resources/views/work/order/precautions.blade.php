@if ($order->precautions->isNotEmpty() || $order->tools)
    <section class="part" id="precautions">
        <h3>Before the start</h3>
        @if ($order->tools)
            <p><span class="quiet">Tools:</span>
                {{ str_replace("\n", ', ', $order->tools) }}</p>
        @endif
        @if ($order->precautions->isNotEmpty())
            @if ($may('start'))
                <form data-form="start" method="post" action="{{ $by }}/start">
                    @csrf<x-decided :of="$order" />
                    <fieldset>
                        <legend>Permits and precautions, each confirmed before the work
                            starts</legend>
                        <div class="choices upright">
                            @foreach ($order->precautions as $one)
                                <label><input type="checkbox" name="confirmed[]"
                                        value="{{ $one->position }}">
                                    {{ $one->text }}</label>
                            @endforeach
                        </div>
                    </fieldset>
                    @error('confirmed')
                        <span class="error" role="alert">{{ $message }}</span>
                    @enderror
                    <p>
                        <button class="btn strong">Confirm and start the work</button>
                    </p>
                </form>
            @else<ul class="plain-list">
                    @foreach ($order->precautions as $one)
                        @php
                            $confirmedAtWords = $one->confirmed_at
                                ? "confirmed by {$one->confirmed_by}, {$w->instant(
        $one->confirmed_at,
    )}"
                                : 'to be confirmed at the start';
                        @endphp
                        <li>{{ $one->text }} <span
                                class="quiet small">{{ $confirmedAtWords }}</span>
                        </li>
                    @endforeach
                </ul>
            @endif
        @endif
    </section>
@endif

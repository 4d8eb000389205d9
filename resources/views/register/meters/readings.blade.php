        <section class="part">
            <h3>Readings</h3>
            @if ($readings->isEmpty())
            <p class="quiet small">None yet.</p>@else<div class="scroll">
                    <table class="table-narrow">
                        <thead>
                            <tr>
                                <th>when</th>
                                <th class="r">showed</th>
                                <th class="r drop">{{ $meter->isGauge() ? '' : 'total' }}</th>
                                <th>who, from where</th>
                                <th></th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($readings as $reading)
                                <tr>
                                    <td @class(['struck-out' => $reading->reason !== null])>
                                        {{ $w->instant($reading->at) }}</td>
                                    <td @class(['r', 'reading', 'struck-out' => $reading->reason !== null])>
                                        {{ $meter->text($reading->shown) }}</td>
                                    <td class="r drop reading">
                                        {{ $meter->isGauge() ? '' : $meter->text($reading->total) }}
                                    </td>
                                    <td>{{ $reading->who }}, {{ $reading->source }}@if ($reading->turn !== 'read')
                                            <div class="small w due">
                                                @php
                                                    $oldFinalWords =
                                                        $reading->old_final === null
                                                            ? ''
                                                            : ', the old meter showed last ' .
                                                                $meter->text($reading->old_final);
                                                @endphp
                                                {{ $reading->turn }}{{ $oldFinalWords }}
                                            </div>
                                            @endif @if ($reading->note)
                                                <div class="small quiet">{{ $reading->note }}</div>
                                                @endif @if ($reading->reason !== null)
                                                    <div class="small quiet">struck out by
                                                        {{ $reading->struck_by }}:
                                                        {{ $reading->reason }}</div>
                                                @endif
                                    </td>
                                    <td class="r">
                                        @if (
                                            $reading->reason === null &&
                                                ($frame->can('write-register') || $reading->user_id === auth()->id()))
                                            <details class="strike">
                                                <summary>strike out</summary>
                                                <form method="post"
                                                    action="/readings/{{ $reading->id }}/strike">
                                                    @php
                                                        $atWords = $w->instant($reading->at);
                                                    @endphp
                                                    @csrf<input type="text" name="reason"
                                                        placeholder="Why?"
                                                        aria-label="Why is the reading of {{ $atWords }} struck out?"
                                                        required maxlength="250"><button
                                                        class="btn slim danger">Strike
                                                        out</button></form>
                                            </details>
                                        @endif
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
            @endif
        </section>

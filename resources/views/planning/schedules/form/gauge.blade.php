                    @if ($form->gauges()->isEmpty())
                        <p data-rule="condition">{{ $asset->tag }} has no gauge yet: <a
                                href="/assets/{{ $asset->id }}/meters/new">put one on it</a>
                            first.</p>
                    @else<p><span class="lead-in"><span data-rule="interval weekdays nth usage">or
                                </span>when</span> <select name="gauge_id" aria-label="Gauge"
                                {{ $bad('gauge_id') }}>
                                <option value="">no gauge</option>
                                @foreach ($form->gauges() as $gauge)
                                    <option value="{{ $gauge->id }}" @selected((string) $form->get('gauge_id') === (string) $gauge->id)>
                                        {{ $gauge->name }}
                                        ({{ $gauge->unit }})
                                        {{ $gauge->asset_id === $asset->id ? '' : ' of ' . $gauge->asset->tag }}
                                    </option>
                                @endforeach
                            </select>
                            is <select name="condition_beyond" aria-label="Beyond which side">
                                <option value="high" @selected($form->get('condition_beyond') !== 'low')>above</option>
                                <option value="low" @selected($form->get('condition_beyond') === 'low')>below</option>
                            </select> <input type="text" inputmode="decimal"
                                name="condition_limit" size="6"
                                value="{{ $form->quantity('condition_limit') }}" aria-label="Limit"
                                {{ $bad('condition_limit') }}> for <input type="number"
                                name="condition_readings" min="1" max="20"
                                value="{{ $form->get('condition_readings', 1) }}"
                                aria-label="Readings in a row" {{ $bad('condition_readings') }}>
                            in a row; <span class="lead-in">back inside means
                                by</span> <input type="text" inputmode="decimal"
                                name="condition_hysteresis" size="4"
                                value="{{ $form->quantity('condition_hysteresis') ?: '0' }}"
                                aria-label="Hysteresis" {{ $bad('condition_hysteresis') }}> <span
                                class="quiet small">Readings from the day on which it was last done
                                count, or else from now on; earlier ones do not.</span>
                        </p>
                    @endif

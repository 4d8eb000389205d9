                    <p>Do <select name="method_id" aria-label="Method" required
                            {{ $bad('method_id') }}>
                            <option value="">choose a method</option>
                            @foreach ($form->suiting as $for => $group)
                                <optgroup label="{{ $for }}">
                                    @foreach ($group as $method)
                                        <option value="{{ $method->id }}"
                                            @if ($method->inForce?->ladder) data-ladder="{{ $method->inForce->ladder }}" @endif
                                            @selected((int) $form->get('method_id') === $method->id)>{{ $method->code }}
                                            {{ $method->name }}
                                        </option>
                                    @endforeach
                                </optgroup>
                            @endforeach
                        </select>
                        @if ($form->asksLadderStart())
                            <span data-ladder-start> <span class="lead-in">beginning with
                                    visit</span> <input type="number" name="ladder_start"
                                    min="1" max="999"
                                    value="{{ $form->get('ladder_start', 1) }}"
                                    aria-label="Begins with visit" {{ $bad('ladder_start') }}>
                                <span class="lead-in">of its service
                                    ladder</span></span>
                        @endif
                    </p>

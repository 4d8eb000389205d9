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
                                        max="9999" name="labour[{{ $i }}][minutes]"
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

                @if ($form->alike->isNotEmpty())
                    <details class="act" @if ($errors->has('also')) open @endif>
                        <summary>Also on others of its class</summary>
                        <div class="secs">
                            <div class="column-choice">
                                @foreach ($form->alike as $other)
                                    <div><label><input type="checkbox" name="also[]"
                                                value="{{ $other->id }}"
                                                @checked($form->isAlso($other->id))>
                                            {{ $other->tag }}
                                            <span
                                                class="quiet small">{{ $other->name }}</span></label>
                                    </div>
                                @endforeach
                            </div>
                            <x-field name="stagger" label="Each so many days after the one before"
                                type="number" min="0" max="366" :value="$form->typed('stagger', 0)" />
                            @error('also')
                                <span class="error">{{ $message }}</span>
                            @enderror
                        </div>
                    </details>
                @endif

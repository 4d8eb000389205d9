        @can('read', $meter)<section class="part" id="read">
                <h3>Take a reading</h3>
                <form method="post" action="/meters/{{ $meter->id }}/readings">@csrf
                    @if ($errors->has('turn') || $errors->has('old_final'))
                        @php
                            $messageGiven = $errors->first('turn') ?: $errors->first('old_final');
                        @endphp
                        <x-reading-question :meter="$meter" :message="$messageGiven" />
                    @endif
                    <div class="inline-form">
                        <div class="field"><label>It shows<br><input type="text" inputmode="decimal"
                                    name="shown" size="10" required
                                    @error('shown') aria-invalid="true" @enderror>
                                {{ $meter->unit }}</label></div>
                        <div class="field"><label>When<br><input type="datetime-local" name="at"
                                    value="{{ $w->now()->format('Y-m-d\TH:i') }}"></label>
                        </div>
                        <div class="field"><label>Note<br><input type="text" name="note"
                                    maxlength="250"></label></div><button class="btn strong">Take the
                            reading</button>
                    </div>
                    @foreach (['shown', 'at'] as $key)
                        @error($key)
                            <span class="error" role="alert">{{ $message }}</span>
                        @enderror
                    @endforeach
                </form>
        </section>@endcan

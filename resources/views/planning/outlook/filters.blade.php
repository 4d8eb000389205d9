        <form class="inline-form" method="get" action="/outlook">
            <div class="field"><label>Place<br><select name="place">
                        <option value="">the whole site</option>
                        @foreach ($places as $place)
                            <option value="{{ $place->id }}" @selected(($query['place'] ?? '') === (string) $place->id)>
                                {{ $place->name }}
                            </option>
                        @endforeach
                    </select>
                </label></div>
            <div class="field"><label>Class<br><select name="class">
                        <option value="">any</option>
                        @foreach ($classes as $one)
                            <option value="{{ $one->id }}" @selected($only['class'] === $one->id)>
                                {{ $one->name }}
                            </option>
                        @endforeach
                    </select>
                </label></div>
            <div class="field"><label>Team<br><select name="team">
                        <option value="">any</option>
                        @foreach ($teams as $one)
                            <option value="{{ $one->id }}" @selected($only['team'] === $one->id)>
                                {{ $one->name }}
                            </option>
                        @endforeach
                    </select>
                </label></div>
            @isset($query['asset'])
                <input type="hidden" name="asset" value="{{ $query['asset'] }}">
            @endisset
            <div class="field"><label>From<br><input type="date" name="from"
                        value="{{ $from }}"></label></div>
            <div class="field"><label>Reach<br><select name="reach">
                        @foreach ($reaches as $name)
                            <option @selected($name === $reach)>{{ $name }}</option>
                        @endforeach
                    </select>
                </label></div><button class="btn">Show</button>
            @if (isset($query['asset']) || isset($query['place']))
                <a class="btn"
                    href="{{ $address->with(['asset' => null, 'place' => null]) }}">Whole
                    site</a>
            @endif
        </form>

<div class="head bare">
    <div>
        <div class="crumbs"><a href="/meters">Meters</a></div>
        <h2>Read many meters</h2>
        <div class="meta"><span>In the order in which they stand. Leave empty what you did not
                read.</span></div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('at')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        <form class="inline-form" method="get" action="/meters/round">
            <div class="field"><label>Place<br><select name="place">
                        <option value="">the whole site</option>
                        @foreach ($places as $id => $name)
                            <option value="{{ $id }}" @selected($place === $id)>
                                {{ $name }}
                            </option>
                        @endforeach
                    </select>
                </label></div><button class="btn">Show</button>
        </form>
        @if ($meters->isEmpty())
            <p class="quiet">No meter stands here.</p>
        @else
            <form method="post" action="/meters/round">@csrf<input type="hidden" name="place"
                    value="{{ $place }}">
                <div class="field"><label>Read at<br><input type="datetime-local" name="at"
                            value="{{ $w->now()->format('Y-m-d\TH:i') }}"></label></div>
                <table class="table-narrow">
                    <thead>
                        <tr>
                            <th>asset</th>
                            <th>meter</th>
                            <th class="r">showed</th>
                            <th>shows now</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($meters as $meter)
                            <tr>
                                <td>{{ $meter->asset->name }} <span
                                        class="tag">{{ $meter->asset->tag }}</span></td>
                                <td><a href="/meters/{{ $meter->id }}">{{ $meter->name }}</a>
                                </td>
                                <td class="r reading">{{ $meter->text($meter->last_shown) }}<div
                                        class="small quiet">
                                        {{ $meter->last_on ? $w->relative($meter->last_on) : 'never read' }}
                                    </div>
                                </td>
                                <td><input type="text" inputmode="decimal"
                                        name="readings[{{ $meter->id }}]" size="10"
                                        aria-label="{{ $meter->name }} of {{ $meter->asset->tag }} shows now"
                                        @error("readings.{$meter->id}") aria-invalid="true" @enderror>
                                    {{ $meter->unit }}@error("readings.{$meter->id}")
                                    <x-reading-question :meter="$meter" :message="$message"
                                        :key="$meter->id" />
                                @enderror
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <div class="foot-buttons"><button class="btn strong">Take these readings</button>
            </div>
        </form>
    @endif
</div>
</div>

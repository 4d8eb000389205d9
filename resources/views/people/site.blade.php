<div class="head bare">
    <div>
        <div class="crumbs"><a href="/setup/sites">Sites</a></div>
        <h2>{{ $site->name ?? 'New site' }}</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post"
            action="{{ $site ? "/setup/sites/{$site->id}" : '/setup/sites' }}">@csrf
            @if ($site)
                @method('put') <x-version :of="$site" :labels="[
                    'name' => 'Name',
                    'code' => 'Code',
                    'timezone' => 'Time zone',
                    'currency' => 'Currency',
                ]" />
            @endif
            <div class="pair"><x-field name="name" label="Name" :value="$site?->name"
                    required /><x-field name="code" label="Short code" :value="$site?->code"
                    required /></div>
            <div class="pair"><x-field name="timezone" label="Time zone" type="select" required>
                    @foreach ($zones as $zone)
                        <x-option name="timezone" :value="$zone"
                            :current="$site->timezone ?? 'Europe/London'">{{ $zone }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="currency" label="Currency" :value="$site->currency ?? 'EUR'" required
                    maxlength="3" />
            </div>
            <x-field name="release_hour" label="Daily release at (hour, 0 to 23)" type="number"
                min="0" max="23" :value="$site->release_hour ?? 4" required
                hint="Each day from this hour on, Sundial makes the orders whose lead has come, by itself." />
            <x-field name="report_code" label="Code for reports without an account"
                :value="$site?->report_code" autocomplete="off"
                hint="Hang it beside the labels: whoever knows it can report. Empty: only people with an account." />
            <fieldset>
                <legend>Weekly rest: days on which nobody works</legend>
                <div class="choices">
                    @foreach ($lists->weekdays() as $day => $name)
                        <label><input type="checkbox" name="rest[]" value="{{ $day }}"
                                @checked(in_array($day, $site?->restWeekdays() ?? [6, 7], true))> {{ $name }}</label>
                    @endforeach
                </div>
                @error('rest')
                    <span class="error">{{ $message }}</span>
                @enderror
            </fieldset>
            <div class="foot-buttons"><button class="btn strong">Save the site</button><a
                    class="btn" href="/setup/sites">Back</a></div>
        </form>
        @if ($site)
            <section class="part form" id="rest">
                <h3>Days of rest</h3>
                <p class="quiet small">Holidays and shut-downs. A schedule says whether its visits
                    move off them.</p>
                @if ($site->restDays->isNotEmpty())
                    <table>
                        <tbody>
                            @foreach ($site->restDays as $day)
                                <tr>
                                    <td>{{ $w->weekday($day->day) }}
                                    </td>
                                    <td>{{ $day->name }}</td>
                                    <td class="r">
                                        <form method="post"
                                            action="/setup/sites/{{ $site->id }}/rest-days">
                                            @csrf<input type="hidden" name="day"
                                                value="{{ $day->day }}"><button class="btn slim"
                                                name="remove" value="1"
                                                aria-label="Work on {{ $day->day }}">Work on
                                                this
                                                day</button></form>
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endif
                <form class="inline-form" method="post"
                    action="/setup/sites/{{ $site->id }}/rest-days">@csrf<div class="field">
                        <label>Day<br><input type="date" name="day" required></label>
                    </div>
                    <div class="field"><label>Name<br><input name="day_name"
                                placeholder="Spring holiday"></label>
                    </div><button class="btn">Add the day</button>
                </form>
                @error('day')
                    <span class="error">{{ $message }}</span>
                @enderror
            </section>
        @endif
    </div>
</div>

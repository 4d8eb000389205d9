<div class="head bare">
    <div>
        <div class="crumbs"><a href="/assets/{{ $asset->id }}">{{ $asset->name }}
                {{ $asset->tag }}</a></div>
        <h2>More like {{ $asset->name }}</h2>
        <div class="meta">They take its class, make, model, team, worth, notes, extra fields and
            its spare-parts list;
            never its history, readings, documents or serial number.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="inline-form" method="get" action="/assets/{{ $asset->id }}/copy">
            <div class="field"><label>How many<br><input type="number" name="count"
                        value="{{ $count }}" min="1" max="50"></label></div>
            <button class="btn">Number them on</button>
        </form>
        <form class="form" method="post" action="/assets/{{ $asset->id }}/copies">@csrf
            <table class="slim">
                <thead>
                    <tr>
                        <th>tag</th>
                        <th>name</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach (array_values(old('copies', $copies)) as $i => $copy)
                        <tr>
                            <td><input name="copies[{{ $i }}][tag]"
                                    value="{{ $copy['tag'] ?? '' }}"
                                    aria-label="Tag of copy {{ $i + 1 }}" required
                                    maxlength="40" size="14"
                                    @error("copies.{$i}.tag") aria-invalid="true" @enderror>
                                @error("copies.{$i}.tag")
                                    <span class="error">{{ $message }}</span>
                                @enderror
                            </td>
                            <td><input name="copies[{{ $i }}][name]"
                                    value="{{ $copy['name'] ?? '' }}"
                                    aria-label="Name of copy {{ $i + 1 }}" required
                                    maxlength="100" size="34"
                                    @error("copies.{$i}.name") aria-invalid="true" @enderror>
                                @error("copies.{$i}.name")
                                    <span class="error">{{ $message }}</span>
                                @enderror
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($meters !== [])
                <div class="field"><label><input type="checkbox" name="meters" value="1"
                            checked> with its meters, at zero:
                        {{ implode(', ', $meters) }}</label></div>
            @endif
            @can('plan', $asset) @if ($schedules !== [])
                <div class="field"><label><input type="checkbox" name="schedules" value="1"
                            checked> with its schedules:
                        {{ implode(', ', $schedules) }}</label>
                </div>
                <x-field name="start_on" label="First date of each of these schedules"
                    type="date" :value="(string) $today->plusDays(7)"
                    hint="From then on each counts by its own rule. One that counts on a meter needs the meter." />
            @endif @endcan
            @php
                $countWords =
                    $count === 1 ? 'Add it to the register' : "Add these {$count} to the register";
            @endphp
            <div class="foot-buttons"><button class="btn strong">{{ $countWords }}</button><a
                    class="btn" href="/assets/{{ $asset->id }}">Leave</a></div>
        </form>
    </div>
</div>

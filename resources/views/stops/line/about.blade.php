@php
    $hour = $line->hour_cents === null ? '' : $w->typedMoney($line->hour_cents);
@endphp
<section class="part" id="about">
    <h3>The line</h3>
    <form class="form" method="post" action="/lines/{{ $line->id }}">@csrf @method('put')
        <input type="hidden" name="version" value="{{ $line->version }}">
        <div class="pair">
            <x-field name="speed_below" label="A stop below so many seconds is lost speed"
                type="number" min="0" max="3600" :value="$line->speed_below" />
            <x-field name="hour" label="An hour of it is worth" :value="$hour"
                inputmode="decimal" hint="What is lost is said in money by this." />
            <x-field name="idle_after" label="By signals it stands after so many idle seconds"
                type="number" min="1" max="3600" :value="$line->idle_after" />
            <x-field name="lowest_percent"
                label="By signals it stands below so many percent of the slowest rate"
                type="number" min="1" max="99" :value="$line->lowest_percent" />
        </div>
        @error('part_ids')
            <p class="error">{{ $message }}</p>
        @enderror
        <fieldset class="picks">
            <legend>Whose stop stops the line</legend>
            @forelse ($candidates as $one)
                <label><input type="checkbox" name="part_ids[]" value="{{ $one->id }}"
                        @checked($line->parts->contains($one->id))> {{ $one->name }} <span
                        class="tag">{{ $one->tag }}</span></label>
            @empty
                <p class="quiet small">Nothing stands in it or beside it.</p>
            @endforelse
        </fieldset>
        <div class="choices field"><label><input type="checkbox" name="in_use" value="1"
                    @checked(!$line->retired)> It is worked as a line</label></div>
        <button class="btn">Save the line</button>
    </form>
</section>

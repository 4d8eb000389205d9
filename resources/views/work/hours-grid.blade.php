<x-sheet title="Hours of {{ $order->label() }}">
    <x-slot:crumbs><a href="/orders/{{ $order->id }}">{{ $order->label() }}
            {{ $order->title }}</a></x-slot:crumbs>
    <x-slot:meta>
        <a href="/orders/{{ $order->id }}/hours?until={{ $before }}">the days before</a>
        @if ($after)
            <a href="/orders/{{ $order->id }}/hours?until={{ $after }}">the days after</a>
        @endif
    </x-slot:meta>
    @foreach (array_unique($errors->all()) as $message)
        <p class="said said-bad" role="alert">{{ $message }}</p>
    @endforeach
    <form class="form" method="post" action="/orders/{{ $order->id }}/hours">@csrf
        <div class="field"><label>All of these are paid<br><select name="kind">
                    @foreach ($kinds as $kind)
                        <option>{{ $kind->value }}</option>
                    @endforeach
                </select></label></div>
        <div class="scroll">
            <table class="grid-of-hours">
                <thead>
                    <tr>
                        <th>who</th>
                        @foreach ($days as $day)
                            <th class="r">{{ $w->weekday($day) }}</th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($people as $person)
                        <tr>
                            <th scope="row">{{ $person->name }}</th>
                            @foreach ($days as $day)
                                @php
                                    $cell = "{$person->id}.{$day}";
                                @endphp
                                <td class="r"><input
                                        name="hours[{{ $person->id }}][{{ $day }}]"
                                        size="5"
                                        aria-label="{{ $person->name }}, {{ $w->day($day) }}"
                                        @error("hours.{$cell}") aria-invalid="true" @enderror>
                                    <span class="quiet small">{{ $booked[$cell] ?? '' }}</span>
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <button class="btn strong">Book what stands in the grid</button>
        <a class="btn" href="/orders/{{ $order->id }}#hours">Leave it</a>
    </form>
</x-sheet>

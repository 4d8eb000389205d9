<x-sheet title="Standing orders">
    <x-slot:meta>Small jobs are booked on them by asset: one order a month, made with the
        first of
        them and finished when the month is over.</x-slot:meta>
    @if ($orders->isNotEmpty())
        <table>
            <tbody>
                @foreach ($orders as $one)
                    <tr>
                        <td><b>{{ $one->title }}</b></td>
                        <td class="quiet">{{ $one->type }}</td>
                        <td class="quiet">{{ $one->team?->name ?? 'whoever works here' }}</td>
                        <td class="r">
                            <form class="inline" method="post"
                                action="/setup/standing-orders/{{ $one->id }}">@csrf
                                @method('delete')<button class="btn slim"
                                    aria-label="Retire {{ $one->title }}">retire</button></form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <form class="form" method="post" action="/setup/standing-orders">@csrf
        <div class="pair">
            <x-field name="title" label="Title" required maxlength="120"
                hint="Such as Small jobs." />
            <x-field name="type" label="Type" type="select" required>
                @foreach ($types as $one)
                    <x-option name="type" :value="$one->name"
                        current="corrective">{{ $one->name }}</x-option>
                @endforeach
            </x-field>
            <x-field name="team_id" label="Who books on it" type="select">
                <option value="">whoever works here</option>
                @foreach ($teams as $team)
                    <x-option name="team_id" :value="$team->id"
                        :current="null">{{ $team->name }}</x-option>
                @endforeach
            </x-field>
        </div>
        <button class="btn strong">Offer it</button>
    </form>
</x-sheet>

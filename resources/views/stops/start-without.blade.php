<section class="part" id="without">
    <h3>Without a reason of the list</h3>
    <table>
        <tbody>
            @foreach ($without as $one)
                <tr>
                    <td><a href="/assets/{{ $one->asset_id }}#stops">{{ $one->asset }}</a> <span
                            class="tag">{{ $one->tag }}</span></td>
                    <td>{{ $w->instant($one->from_at) }},
                        {{ $w->lasting(intdiv((int) $one->seconds, 60)) }}</td>
                    <td class="quiet">{{ $one->reason }}</td>
                    <td class="r">
                        @if ($mayReport && $reasons->isNotEmpty())
                            <form class="inline" method="post"
                                action="/stops/{{ $one->id }}/why">@csrf
                                <select name="why" aria-label="Why {{ $one->asset }} stood"
                                    required>
                                    <option value="">why?</option>
                                    @foreach ($reasons as $reason)
                                        <option>{{ $reason }}</option>
                                    @endforeach
                                </select>
                                <button class="btn slim">Say why</button>
                            </form>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
</section>

<section class="part" id="why">
    <h3>Why it stood</h3>
    <form class="form" method="post" action="/stops/{{ $stop->id }}/why">@csrf
        <div class="pair">
            <x-field name="why" label="Reason" type="select" required>
                <option value="">choose</option>
                @foreach ($reasons as $reason)
                    <x-option name="why" :value="$reason"
                        :current="$stop->reason">{{ $reason }}</x-option>
                @endforeach
            </x-field>
            <x-field name="cause" label="Caused by another machine" :value="$stop->cause?->tag"
                maxlength="40" hint="Its tag; empty: by itself." />
        </div>
        <button class="btn">Say why</button>
    </form>
</section>

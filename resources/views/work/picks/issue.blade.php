<x-sheet :title="'Issue ' . $part->name">
    <x-slot:crumbs><a href="/parts">Stores</a> › <a
            href="/parts/{{ $part->id }}">{{ $part->name }}
            <span class="tag">{{ $part->number }}</span></a></x-slot:crumbs>
    <x-slot:meta>
        @foreach ($rows as $row)
            <span>{{ $row->store->name }}, bin <b>{{ $row->bin ?? '—' }}</b>:
                <b>{{ $w->quantity($row->on_hand) }}</b> on hand,
                <b>{{ $w->thousandths($row->free()) }}</b> free</span>
        @endforeach
    </x-slot:meta>
    @foreach (['used_quantity', 'form', 'part', 'order', 'quantity', 'lots'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    <x-section title="Promised to" id="claims">
        @forelse ($claims->first as $claim)
            <form class="issue-line" method="post" action="/parts/{{ $part->id }}/issue">
                @csrf
                <input type="hidden" name="order" value="{{ Str::before($claim->label, ' ') }}">
                <span><a href="/orders/{{ $claim->subject_id }}">{{ $claim->label }}</a>
                    <span class="quiet small">{{ $claim->who ?? 'nobody yet' }}
                        @if ($claim->needed_on)
                            , needed {{ $w->weekday($claim->needed_on) }}
                        @endif
                    </span></span>
                <span class="quiet">wants {{ $w->quantity($claim->quantity) }}, promised
                    {{ $w->quantity($claim->promised) }}</span>
                <input type="text" name="quantity" size="5" inputmode="decimal"
                    value="{{ $w->quantity($claim->promised > 0 ? $claim->promised : $claim->quantity) }}"
                    aria-label="How many for {{ $claim->label }}">
                <button class="btn slim">Hand over</button>
            </form>
        @empty
            <p class="quiet small">Nothing of it is promised.</p>
        @endforelse
        @if ($claims->isMore())
            <p class="quiet small">The first {{ $claims->first->count() }} of
                {{ $w->number($claims->many) }}, by rank; any other by its number below.</p>
        @endif
    </x-section>
    <x-section title="To any order, or back from one" id="other">
        <form class="form" method="post" action="/parts/{{ $part->id }}/issue">
            @csrf
            <div class="pair">
                <x-field name="order" label="Order" required placeholder="W-1042"
                    autocomplete="off" />
                <x-field name="quantity" label="How many" value="1" required
                    inputmode="decimal" />
                @include('stores.part.in-packs')
                @include('stores.part.which-lots')
                @if ($stores->count() > 1)
                    <x-field name="store_id" label="From" type="select">
                        <option value="">where it is promised, or most is free</option>
                        @foreach ($stores as $store)
                            <x-option name="store_id"
                                :value="$store->id">{{ $store->name }}</x-option>
                        @endforeach
                    </x-field>
                @endif
                <x-field name="note" label="Remark" maxlength="250" />
            </div>
            <div class="choices field"><label><input type="checkbox" name="given_back"
                        value="1"> It is given back</label>
                @if ($mayTake)
                    <label><input type="checkbox" name="all_the_same" value="1"> Take it all
                        the same, where it is
                        promised elsewhere</label>
                @endif
            </div>
            <button class="btn strong">Book it</button>
            <a class="btn" href="/parts/{{ $part->id }}">Back</a>
        </form>
    </x-section>
</x-sheet>

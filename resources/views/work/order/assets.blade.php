@if ($isOnSeveral || $mayAddAssets || $links !== [])
    <section class="part" id="assets">
        @if ($isOnSeveral || $mayAddAssets)
            <h3>{{ $isOnSeveral ? 'Assets' : 'More assets' }} <span
                    class="aside quiet">{{ $isOnSeveral ? "cost of all by {$order->spread->label()}" : '' }}</span>
            </h3>
        @endif
        @foreach (['assets', 'tags', 'rows', 'others', 'link_to', 'done_on', 'left_reason'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @includeWhen($isOnSeveral, 'work.order.asset-rows')
        @if ($mayAddAssets)
            <div class="more-lines">
                <x-move title="+ assets" :action="$by . '/assets'" button="Put them on the order"
                    :fields="['tags', 'class_id', 'place_id']">
                    <x-field name="tags" label="Tags or codes, typed, scanned or pasted"
                        type="textarea" hint="Parted by lines, blanks or commas." />
                    <div class="pair">
                        <x-field name="class_id" label="And all of a class" type="select">
                            <option value="">none</option>
                            @foreach ($classes as $one)
                                <x-option name="class_id"
                                    :value="$one->id">{{ $one->name }}</x-option>
                            @endforeach
                        </x-field>
                        <x-field name="place_id" label="At" type="select">
                            <option value="">any place</option>
                            @foreach ($placesOf as $one)
                                <x-option name="place_id"
                                    :value="$one->id">{{ $one->name }}</x-option>
                            @endforeach
                        </x-field>
                    </div>
                </x-move>
                <x-move title="draw orders in" :action="$by . '/draw'" button="Draw them into this one"
                    :fields="['others']">
                    <x-field name="others" label="Their numbers" required
                        placeholder="W-2231, W-2240"
                        hint="What they plan, their visits and requests stand here then; they are cancelled." />
                </x-move>
            </div>
        @endif
        @foreach ($links as [$how, $other])
            <p class="small">It {{ $how }} <a
                    href="/orders/{{ $other->id }}">{{ $other->label() }}
                    {{ $other->title }}</a>,
                {{ $other->state->value }}.
                @if ($mayAssign)
                    <form class="inline" method="post"
                        action="{{ $by }}/links/{{ $other->id }}">@csrf
                        @method('delete')<button class="btn slim"
                            aria-label="Cut the link to {{ $other->label() }}">cut</button></form>
                @endif
            </p>
        @endforeach
        @if ($mayAddAssets)
            @php
                $fields = ['link_to', 'link_kind'];
            @endphp
            <x-move title="link another order" :action="$by . '/links'" button="Link it" :fields="$fields">
                <div class="pair">
                    <x-field name="link_kind" label="This order" type="select">
                        @foreach ($linkKinds as $kind)
                            <x-option name="link_kind"
                                :value="$kind->value">{{ $kind->value }}</x-option>
                        @endforeach
                    </x-field>
                    <x-field name="link_to" label="Number" required placeholder="W-2231" />
                </div>
            </x-move>
        @endif
    </section>
@endif

@if ($photos->isNotEmpty())
    <x-section title="Photo" id="photo">
        <ul class="photos">
            @foreach ($photos as $photo)
                <li><a href="/documents/{{ $photo->id }}/photo" class="frame"><img
                            src="/documents/{{ $photo->id }}?size=small" alt="{{ $photo->name }}"
                            width="{{ $photo->file->width }}"
                            height="{{ $photo->file->height }}">{!! $photo->marks
                                ? $frame->marks($photo->marks, $photo->file->width, $photo->file->height)
                                : '' !!}</a></li>
            @endforeach
        </ul>
    </x-section>
@endif
<x-section title="What is known" id="known">
    @php
        $warranty = $request->asset?->warranty_until;
        $answered = $request->answeredAfter();
    @endphp
    <dl class="facts">
        <div>
            <dt>the same, mended last</dt>
            <dd>
                @if ($mendedLast)
                    {{ $w->relative($mendedLast->finished_at) }} in <a
                        href="/orders/{{ $mendedLast->id }}">W-{{ $mendedLast->number }}
                        {{ $mendedLast->title }}</a>
                @else
                    never on record
                @endif
            </dd>
        </div>
        <div>
            <dt>warranty</dt>
            <dd>{{ $warranty === null ? 'none on record' : "until {$w->day($warranty)}" }}</dd>
        </div>
        <div>
            <dt>may it run meanwhile</dt>
            <dd>{{ $request->may_run?->value ?? 'not said yet' }}</dd>
        </div>
        <div>
            <dt>saw it too</dt>
            <dd>{{ $request->voices->isEmpty() ? 'nobody else' : $request->voices->pluck('who')->implode(', ') }}
            </dd>
        </div>
        <div>
            <dt>first answer</dt>
            <dd>{{ $answered === null ? 'none yet' : "after {$w->minutes($answered)}, {$request->answered_who}" }}
            </dd>
        </div>
    </dl>
    @foreach ($restrictions as $restriction)
        <div class="note">Restricted: {{ $restriction->what }}
            {{ $restriction->until_on ? 'until ' . $w->day($restriction->until_on) : '' }}, said
            {{ $restriction->who }}.</div>
    @endforeach
</x-section>

@php
    $action = $shutdown ? "/shutdowns/{$shutdown->id}" : '/shutdowns';
    $at = fn(?string $utc): string => $utc ? $w->local($utc)->format('Y-m-d\TH:i') : '';
@endphp
<x-sheet :title="$shutdown ? 'Change ' . $shutdown->label() : 'New shutdown'">
    <x-slot:crumbs><a href="/orders">Work</a> › <a href="/shutdowns">Shutdowns</a></x-slot:crumbs>
    @error('form')
        <p class="said said-bad" role="alert">{{ $message }}</p>
    @enderror
    <form class="form" method="post" action="{{ $action }}">@csrf
        @if ($shutdown)
            @method('put')
            <x-version :of="$shutdown" />
        @endif
        <x-field name="title" label="Title" required maxlength="160" :value="$shutdown?->title" />
        <x-field name="standing" label="What stands" required :value="$shutdown?->standing->pluck('tag')->join(' ')"
            hint="Tags, parted by blanks. What is inside them stands with them." />
        <div class="pair">
            <x-field name="from_at" label="From" type="datetime-local" required
                :value="$at($shutdown?->from_at)" />
            <x-field name="to_at" label="To" type="datetime-local" required
                :value="$at($shutdown?->to_at)" />
        </div>
        <x-field name="scope_on" label="Scope frozen after" type="date" :value="$shutdown?->scope_on"
            hint="What is added after this day is marked as late and says why. Empty: never." />
        <x-field name="about" label="What else has to be known" type="textarea"
            :value="$shutdown?->about" />
        <button class="btn strong">{{ $shutdown ? 'Save it' : 'Open the shutdown' }}</button>
        <a class="btn"
            href="{{ $shutdown ? "/shutdowns/{$shutdown->id}" : '/shutdowns' }}">Back</a>
    </form>
</x-sheet>

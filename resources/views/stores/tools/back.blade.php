<x-section title="Take it back" id="back">
    <form class="form" method="post" action="{{ $by }}/back">@csrf
        <x-field name="back_note" label="How it came back" maxlength="250" />
        <button class="btn strong">It is back</button>
    </form>
</x-section>

<form class="inline" method="post" action="/setup/work-lists/{{ $of }}">@csrf
    @method('delete')
    <input type="hidden" name="name" value="{{ $name }}">
    @isset($state)
        <input type="hidden" name="state" value="{{ $state }}">
    @endisset
    <button class="btn slim" aria-label="Retire {{ $name }}">retire</button>
</form>

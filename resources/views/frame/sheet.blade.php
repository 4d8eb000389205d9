<section @class(['sheet', 'no-index' => !$hasIndex]) id="sheet" aria-label="Sheet">
    @if ($sheet)
        {!! view($sheet[0], $sheet[1])->render() !!}
    @endif
</section>

<section class="part" id="sign">
    <h3>Remarks and signatures</h3>
    @if ($handover === null)
        @right('report-stops')
            <form class="form" method="post" action="/handovers">@csrf
                <x-field name="remarks" label="What else the next shift must know" type="textarea"
                    maxlength="4000" />
                <button class="btn strong">Sign and hand over</button>
            </form>
        @endright
    @else
        <p class="pre">{{ $handover->remarks ?: 'No remarks.' }}</p>
        @if ($handover->taken_at === null)
            @can('take', $handover)
                <form method="post" action="/handovers/{{ $handover->id }}/take">@csrf
                    <input type="hidden" name="version" value="{{ $handover->version }}">
                    <button class="btn strong">Sign and take over</button>
                </form>
            @endcan
        @endif
    @endif
</section>

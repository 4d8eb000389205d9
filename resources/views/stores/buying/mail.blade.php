Dear {!! $purchase->supplier->name !!},

please deliver what is on our purchase {!! $purchase->label() !!}, attached as PDF, to
{!! $site->name !!}, {!! $purchase->store->name !!}{!! $purchase->expected_on ? ", by {$purchase->expected_on}" : '' !!}.

@foreach ($purchase->lines as $line)
    {!! $w->quantity($line->quantity) !!} {!! $line->unit !!} {!! $line->name !!} {!! $line->their_number ?? $line->part?->number !!}
@endforeach

{!! $purchase->note !!}

{!! $purchase->raised_who !!}
{!! $site->name !!}

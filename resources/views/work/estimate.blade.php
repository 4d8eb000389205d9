<h3>What it took so far</h3>
<p>Half of the orders took up to <b>{{ $w->minutes($estimate->median()) }}</b>, 80 % up to
    <b>{{ $w->minutes($estimate->most()) }}</b>. <span class="quiet small">From
        {{ $w->count($estimate->orders, 'closed order') }}: {{ $estimate->basis }}.</span>
</p>

<section class="part" id="hold">
    <h3>How many to hold</h3>
    <p>Reorder point today
        <b>{{ $hold['point'] === null ? 'none' : $w->thousandths($hold['point']) }}</b>.
        For
        {{ $hold['service'] }} % within {{ round($hold['days']) }} days:
        <b>{{ $hold['wanted'] }}</b>.
        <a href="{{ $by }}/hold">What each further one buys</a>
    </p>
</section>

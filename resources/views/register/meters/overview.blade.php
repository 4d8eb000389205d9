<div class="overview"><x-said />
    <h2>Meters</h2>
    <p class="lead">A counter tells how much an asset was used. Schedules can count on it, alone or
        beside the
        calendar, whichever comes first. Choose one on the left to read it; a new one is added on
        its asset’s sheet.</p>
</div>

{{-- Below everything: what comes and goes here moves no button under a finger. --}}
<div class="tablet-notes">
    <p class="tablet-note" role="status" x-text="kept" x-show="isAway" x-cloak></p>
    <p class="tablet-note bad" role="alert" x-text="said" x-show="said" x-cloak></p>
    <p class="tablet-note bad" x-show="closed" x-cloak>This tablet was signed out. What was pressed
        is kept; let it sign in again.</p>
    <noscript>
        <p class="tablet-note bad">This page goes on without the network, and needs JavaScript for
            it.</p>
    </noscript>
</div>

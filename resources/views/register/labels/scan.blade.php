<div class="head bare">
    <div>
        <div class="crumbs"><a href="/assets">Assets</a></div>
        <h2>Scan a label</h2>
        <div class="meta"><span>Hold a label of the plant before the camera; its asset opens by
                itself.</span></div>
    </div>
    @right('see-plant')
        <div class="acts"><a class="btn" href="/labels">Labels to print</a></div>
    @endright
</div>
<div class="body whole">
    <div class="secs" x-data="scanning"><x-said />
        @if ($text !== '')
            <p class="said said-bad" role="alert">Nothing here has the tag or the code
                “{{ Str::limit($text, 60, '…') }}”.
                It may come from another plant’s label, or be mistyped.</p>
        @endif
        <form class="form" method="get" action="/scan" hx-boost="false">
            <div class="pair">
                <div class="field"><label for="scan-text">Tag, or the code under it</label><input
                        id="scan-text" name="text" value="{{ $text }}" required
                        maxlength="200" autocomplete="off" autocapitalize="characters"
                        x-ref="text"></div>
            </div>
            <div class="buttons"><button class="btn strong">Open it</button><button type="button"
                    class="btn" x-ref="start" x-on:click="start" hidden>Use the camera</button>
            </div>
        </form>
        <p class="quiet small" x-ref="said" role="status">Without a camera, type what stands on
            the label.</p>
        <video class="finder" x-ref="video" muted playsinline hidden
            aria-label="What the camera sees"></video>
    </div>
</div>

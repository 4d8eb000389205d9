<div class="overview"><x-said />
    <h2>Report a fault</h2>
    <p class="lead">On which asset? Scan its label, or give its tag.</p>
    @if ($asked !== '')
        <p class="said said-bad" role="alert">No asset of this site has the tag or code
            “{{ $asked }}”.</p>
    @endif
    <form class="inline-form" method="get" action="/report">
        <div class="field"><label>Tag or code<br><input name="asset" value="{{ $asked }}"
                    required autofocus autocomplete="off"></label></div>
        <button class="btn strong">Go on</button>
        <a class="btn" href="/scan">Scan a label</a>
    </form>
</div>

<div class="head bare">
    <div>
        <h2>Ask or jump</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs">
        <form class="inline-form" method="get" action="/jump" role="search">
            <div class="field"><label>A tag, a number, a name, a command<br><input type="search"
                        name="q" value="{{ $text }}"></label></div><button
                class="btn strong">Find</button>
        </form>
        <nav class="jump-list" aria-label="Jump list">@include('jump.hits')</nav>
    </div>
</div>

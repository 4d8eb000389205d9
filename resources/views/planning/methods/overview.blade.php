<div class="overview">
    <x-said />
    <h2>Methods</h2>
    <p class="lead">How a piece of work is done: its steps in order, what to beware of, and who is
        needed for how long.
        A schedule puts a method on an asset.</p>
    @can('write-plans')
        <p><a class="btn strong" href="/methods/new">Write a method</a></p>
        <details class="act form">
            <summary>Read a method from a file</summary>
            <form method="post" action="/methods/import" enctype="multipart/form-data">@csrf<div
                    class="field"><label for="method-file">A file of JSON, as a method gives it out (<a
                            href="/schemas/method.json" hx-boost="false">its schema</a>)</label><input
                        id="method-file" type="file" name="file" accept=".json,application/json"
                        required></div>
                @error('file')
                    <span class="error" role="alert">{{ $message }}</span>
                @enderror
                <p class="quiet small">
                    It is kept as a draft; where its code stands already, as the draft of that method.
                </p><button class="btn">Read the file</button>
            </form>
        </details>
    @endcan
</div>

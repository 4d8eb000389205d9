<div class="head bare">
    <div>
        <h2>{{ $title }}</h2>
        <div class="meta">{{ $lead }}</div>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        @foreach (['code', 'name', 'stale'] as $field)
            @error($field)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @if ($rows->isNotEmpty())
            <table>
                <thead>
                    <tr>
                        <th>{{ $code }} and name</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($rows as $row)
                        <tr>
                            <td>
                                <form class="inline-form" method="post"
                                    action="{{ $base }}/{{ $row->id }}">
                                    @csrf @method('put')<input type="hidden" name="version"
                                        value="{{ $row->version }}"><input name="code"
                                        value="{{ $row->code }}"
                                        aria-label="{{ ucfirst($code) }} of {{ $one }} {{ $row->code }}"
                                        required maxlength="{{ $most }}"
                                        size="10"><input name="name"
                                        value="{{ $row->name }}"
                                        aria-label="Name of {{ $one }} {{ $row->code }}"
                                        required maxlength="80" size="30"><button
                                        class="btn slim">Save</button></form>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
        <form class="inline-form" method="post" action="{{ $base }}">@csrf
            <div class="field"><label>{{ ucfirst($code) }} of a new {{ $one }}<br><input
                        name="code" required maxlength="{{ $most }}"
                        size="10"></label></div>
            <div class="field"><label>Its name<br><input name="name" required maxlength="80"
                        size="30"></label>
            </div><button class="btn strong">Add the {{ $one }}</button>
        </form>
    </div>
</div>

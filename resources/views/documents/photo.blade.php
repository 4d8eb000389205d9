@php
    $marks = $frame->marks($document->marks ?? [], $document->file->width, $document->file->height);
    $photoLabel =
        'The photo. With a mouse or a finger, draw from point to point. By keyboard: arrow keys move the ' .
        'cross, Space sets a point, Backspace takes back.';
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="{{ $href }}#documents">{{ $about }}</a></div>
        <h2>{{ $document->name }}</h2>
        <div class="meta"><span>{{ $document->who }}, {{ $w->instant($document->added_at) }}</span>
            @if ($document->main)
                <span>main photo</span>
            @endif
            <span>
                {{ $document->file->width }} × {{ $document->file->height }}</span>
        </div>
    </div>
    <div class="acts"><a class="btn" href="/documents/{{ $document->id }}" hx-boost="false"
            target="_blank" rel="noopener">The photo as taken</a>
        @if ($document->marks)
            <a class="btn" href="/documents/{{ $document->id }}/marks.svg" hx-boost="false">What
                was drawn (SVG)</a>
        @endif
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @foreach (['marks', 'stale', 'name'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @if ($mayDraw)
            <form class="drawing" method="post" action="/documents/{{ $document->id }}"
                x-data="marking">@csrf
                @method('put')<input type="hidden" name="version"
                    value="{{ $document->version }}"><input type="hidden" name="marks"
                    value="{{ json_encode($document->marks ?? []) }}" x-ref="marks">
                <div class="buttons tools" role="group" aria-label="Draw on the photo">
                    @php
                        $tools = [
                            'arrow' => 'Arrow',
                            'ring' => 'Ring',
                            'line' => 'Freehand',
                            'text' => 'Words',
                        ];
                    @endphp
                    @foreach ($tools as $tool => $label)
                        <button type="button" class="btn slim" data-tool="{{ $tool }}"
                            aria-pressed="{{ $tool === 'arrow' ? 'true' : 'false' }}"
                            x-on:click="choose">{{ $label }}</button>
                    @endforeach
                    <label class="words" hidden x-ref="words">Words <input type="text"
                            maxlength="120" x-ref="text"></label><button type="button"
                        class="btn slim" x-on:click="undo">Take
                        back</button><button type="button" class="btn slim" x-on:click="wipe">Wipe
                        all</button><button class="btn strong slim">Save the drawing</button>
                </div>
                <div class="canvas" tabindex="0" role="application"
                    aria-label="{{ $photoLabel }}" data-width="{{ $document->file->width }}"
                    data-height="{{ $document->file->height }}" x-ref="canvas"
                    x-on:pointerdown="down" x-on:pointermove="move" x-on:pointerup="up"
                    x-on:pointercancel="up" x-on:keydown="key"><img
                        src="/documents/{{ $document->id }}" alt="{{ $document->name }}"
                        width="{{ $document->file->width }}"
                        height="{{ $document->file->height }}"
                        draggable="false">{!! $marks !!}</div>
            </form>
            <div class="pair form">
                <form class="inline-form" method="post" action="/documents/{{ $document->id }}">
                    @csrf
                    @method('put')<input type="hidden" name="version"
                        value="{{ $document->version }}">
                    <div class="field"><label>Name<br><input name="name"
                                value="{{ $document->name }}" required maxlength="150"></label>
                    </div><button class="btn slim">Rename</button>
                </form>
                <form class="buttons" method="post" action="/documents/{{ $document->id }}">@csrf
                    @method('put')<input type="hidden" name="version"
                        value="{{ $document->version }}">
                    @unless ($document->main)
                        <button class="btn slim" name="main" value="1">Make it the main
                            photo</button>
                    @endunless
                    <button class="btn slim danger" name="removed" value="1">Take it
                        off</button>
                </form>
            </div>
        @else<div class="canvas"><img src="/documents/{{ $document->id }}"
                    alt="{{ $document->name }}" width="{{ $document->file->width }}"
                    height="{{ $document->file->height }}">{!! $marks !!}</div>
        @endif
        @if ($document->marks)
            <p class="quiet small">Drawn on it:
                @php
                    $toolWords = implode(
                        ', ',
                        array_map(
                            fn($mark) => $mark['tool'] === 'text'
                                ? "“{$mark['text']}”"
                                : ['arrow' => 'an arrow', 'ring' => 'a ring', 'line' => 'a line'][
                                    $mark['tool']
                                ],
                            $document->marks,
                        ),
                    );
                @endphp
                {{ $toolWords }}.
                The photo itself is as it was taken.</p>
        @endif
    </div>
</div>

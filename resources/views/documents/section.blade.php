<h3>
    Photos and documents</h3>
@php
    [$photos, $others] = $documents->partition(fn($document) => $document->isPhoto());
@endphp

@if ($documents->isEmpty())
    <p class="quiet small">No photo or document yet.</p>
@endif
@if ($photos->isNotEmpty())
    <ul class="photos">
        @foreach ($photos as $photo)
            <li><a href="/documents/{{ $photo->id }}/photo" class="frame"><img
                        src="/documents/{{ $photo->id }}?size=small" alt="{{ $photo->name }}"
                        loading="lazy" width="{{ $photo->file->width }}"
                        height="{{ $photo->file->height }}">
                    @if ($photo->marks)
                        {!! $frame->marks($photo->marks, $photo->file->width, $photo->file->height) !!}
                    @endif
                </a><span
                    class="small">{{ Str::limit($photo->name, 28) }}{{ $photo->main ? ' · main' : '' }}</span>
            </li>
        @endforeach
    </ul>
@endif
@if ($others->isNotEmpty())
    <table>
        <tbody>
            @foreach ($others as $document)
                @php
                    $isShown = $document->file->kind()->isShown();
                @endphp

                <tr>
                    <td><a href="/documents/{{ $document->id }}" hx-boost="false"
                            @if ($isShown) target="_blank" rel="noopener" @endif>{{ $document->name }}</a>
                    </td>
                    <td>{{ $document->file->kind()->value }},
                        {{ $w->size($document->file->size) }}</td>
                    <td class="drop">{{ $document->who }},
                        {{ $w->instant($document->added_at) }}</td>
                    @if ($mayWrite)
                        <td class="r">
                            <form method="post" action="/documents/{{ $document->id }}">@csrf
                                @method('put')<input type="hidden" name="version"
                                    value="{{ $document->version }}"><button class="btn slim"
                                    name="removed" value="1"
                                    aria-label="Take off {{ $document->name }}">Take off</button>
                            </form>
                        </td>
                    @endif
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@if ($mayWrite)
    <form class="inline-form drop-here" data-drop method="post"
        action="/documents/on/{{ $subject->kind }}/{{ $subject->id }}"
        enctype="multipart/form-data" hx-boost="false">@csrf<div class="field"><label>Add photos or
                documents<br><input type="file" name="files[]" multiple required></label></div>
        <button class="btn">Add</button>
    </form>
    @foreach ($errors->get('files*') as $messages)
        @foreach ((array) $messages as $message)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @endforeach
    @endforeach
    <p class="quiet small">Photos, PDF, text and office documents, up to 30 MB each. They can also
        be dropped onto this
        page.</p>
@endif

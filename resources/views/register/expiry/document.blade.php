{{-- Which document of its record proves a date. --}}
<select name="document_id" aria-label="Document of {{ $date->what }}">
    <option value="">no document</option>
    @foreach ($documents as $document)
        <option value="{{ $document->id }}" @selected($document->id === $date->document_id)>
            {{ Str::limit($document->name, 30, '…') }}</option>
    @endforeach
</select>

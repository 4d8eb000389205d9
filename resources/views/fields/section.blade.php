@if ($fields->isNotEmpty())
    <x-section title="More" id="fields">
        @if ($mayFill)
            <form class="form" method="post" action="{{ $by }}/fields" data-form="fields">
                @csrf
                @method('put')
                <x-seen :mark="$fieldsSeen" />
                @error('extra')
                    <p class="said said-bad" role="alert">{{ $message }}</p>
                @enderror
                <div class="pair">
                    @foreach ($fields as $field)
                        <x-extra-input :field="$field" :typed="isset($fieldValues[$field->id])
                            ? $field->rule()->typed($fieldValues[$field->id])
                            : ''" :money="$site->currency" />
                    @endforeach
                </div>
                <button class="btn slim">Keep it</button>
            </form>
        @else
            <dl class="facts">
                @foreach ($fields as $field)
                    @php($value = $fieldValues[$field->id] ?? null)
                    <div>
                        <dt>{{ $field->label() }}</dt>
                        <dd>{{ $value === null ? '—' : $field->rule()->typed($value) }}</dd>
                    </div>
                @endforeach
            </dl>
        @endif
    </x-section>
@endif

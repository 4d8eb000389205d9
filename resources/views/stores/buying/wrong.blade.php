{{-- What was refused of a line, in a row of its own beneath it. --}}
@if ($errors->hasAny(["quantity.{$key}", "price.{$key}"]))
    <tr class="wrong">
        <td colspan="6" class="r">
            @foreach (['quantity', 'price'] as $field)
                @error("{$field}.{$key}")
                    <span class="error">{{ $message }}</span>
                @enderror
            @endforeach
        </td>
    </tr>
@endif

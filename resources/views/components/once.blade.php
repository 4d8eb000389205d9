<input type="hidden" name="once"
    value="{{ old('once') && $errors->any() ? old('once') : Illuminate\Support\Str::uuid() }}">

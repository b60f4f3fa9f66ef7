<div>
    <label for="{{ $name }}" class="mb-1 block font-semibold">{{ $label }}</label>
    <input id="{{ $name }}" name="{{ $name }}" type="{{ $type ?? 'text' }}" autocomplete="{{ $autocomplete }}" class="field"
        value="{{ ($type ?? 'text') === 'password' ? '' : old($name) }}" @error($name) aria-invalid="true" aria-describedby="{{ $name }}-hint" @enderror @if ($first ?? false) autofocus @endif>
    @error($name)
        <p id="{{ $name }}-hint" class="mt-1 text-[0.9375rem] font-semibold" role="alert">{{ $message }}</p>
    @enderror
</div>

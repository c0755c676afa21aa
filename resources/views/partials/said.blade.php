{{-- One line of text said at a place of the design: label, input, its error beside it, what it means. --}}
@php($typed = session()->getOldInput('set'))
@php($shown = is_array($typed) && $errors->any() ? ($typed[$place] ?? $value) : $value)
<div @class(['field', 'is-wide' => $wide ?? false])>
    <label for="{{ $id }}">{{ $label }}</label>
    <input @class(['form-control', 'is-invalid' => $errors->has($place)]) id="{{ $id }}" name="set[{{ $place }}]" value="{{ $shown }}" maxlength="{{ $most ?? 200 }}" placeholder="{{ $placeholder ?? '' }}" autocomplete="off" @error($place) aria-invalid="true" aria-describedby="{{ $id }}-error" @enderror>
    @error($place)<p class="field-error" id="{{ $id }}-error">{{ $message }}</p>@enderror
    @if ($note ?? '')<p class="field-note">{{ $note }}</p>@endif
</div>

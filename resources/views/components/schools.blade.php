{{-- One question on which makers differ: the schools, the one chosen, and why. --}}
@props(['place', 'label', 'cases', 'now'])
@php($id = 'school-'.str_replace('.', '-', $place))
<div class="field is-wide">
    <label for="{{ $id }}">@words($label)</label>
    <select class="form-select" id="{{ $id }}" name="set[{{ $place }}]">
        @foreach ($cases as $case)
            <option value="{{ $case->value }}" @selected($now === $case)>{{ $case->label() }}</option>
        @endforeach
    </select>
    <p class="field-note">{{ $now->why() }}</p>
</div>

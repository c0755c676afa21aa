{{-- One parameter: its label, its input, its error beside it, and on demand what it means. --}}
@php
    $old = session()->getOldInput('set');
    // When anything was refused, everything that was typed with it stays, right or wrong.
    $typed = is_array($old) && $errors->any() ? ($old[$place] ?? null) : null;
    $error = $errors->first($place);
    $id = 'f-'.str_replace(['.', '/'], '-', $place);
    $length = $value instanceof \Ephemeron\Measure\Length ? $value : null;
    $shown = is_string($typed) ? $typed : ($length ? str_replace(' '.$notation->unit->value, '', $notation->exact($length)) : $value);
@endphp
<div @class(['field', 'is-wide' => $parameter->kind === \Ephemeron\Design\ParameterKind::Text || ($parameter->kind === \Ephemeron\Design\ParameterKind::Choice && max(array_map(mb_strlen(...), $parameter->choices)) > 24)])>
    <label for="{{ $id }}" title="{{ $parameter->meaning }}">@words($parameter->name)</label>
    @switch ($parameter->kind)
        @case (\Ephemeron\Design\ParameterKind::Flag)
            <span>
                <input type="hidden" name="set[{{ $place }}]" value="false">
                <input class="form-check-input" type="checkbox" id="{{ $id }}" name="set[{{ $place }}]" value="true" @checked(is_string($shown) ? $shown === 'true' : $shown)>
            </span>
            @break
        @case (\Ephemeron\Design\ParameterKind::Choice)
            <select class="form-select" id="{{ $id }}" name="set[{{ $place }}]">
                @foreach ($parameter->choices as $choice => $label)
                    <option value="{{ $choice }}" @selected((string) $choice === (string) $shown)>{{ $label }}</option>
                @endforeach
            </select>
            @break
        @case (\Ephemeron\Design\ParameterKind::Text)
            <textarea @class(['form-control', 'is-invalid' => $error !== '']) id="{{ $id }}" name="set[{{ $place }}]" rows="{{ min(8, 1 + substr_count((string) $shown, "\n") + intdiv(mb_strlen((string) $shown), 40)) }}" maxlength="{{ \Ephemeron\Design\Parameter::MOST_TEXT }}" autocomplete="off" spellcheck="false" @if ($error !== '') aria-invalid="true" aria-describedby="{{ $id }}-error" @endif>{{ $shown }}</textarea>
            @break
        @default
            <span class="with-unit">
                <input @class(['form-control', 'is-invalid' => $error !== '']) id="{{ $id }}" name="set[{{ $place }}]" value="{{ $shown }}" maxlength="20000" autocomplete="off" inputmode="{{ $parameter->kind === \Ephemeron\Design\ParameterKind::Count ? 'numeric' : 'text' }}" @if ($parameter->kind === \Ephemeron\Design\ParameterKind::Length) data-length @endif @if ($parameter->isOptional()) placeholder="as usual" @endif @if ($error !== '') aria-invalid="true" aria-describedby="{{ $id }}-error" @endif>
                @if ($parameter->kind === \Ephemeron\Design\ParameterKind::Length)<span class="quiet" aria-hidden="true">{{ $notation->unit->value }}</span>@endif
            </span>
    @endswitch
    @if ($error !== '')
        <p class="field-error" id="{{ $id }}-error">{{ $error }}</p>
    @endif
    @foreach ($reasons ?? [] as $reason)<p class="field-note reason">@typeset($reason)</p>@endforeach
    <p class="field-note">@words($parameter->meaning)@if ($length)<span class="other">@typeset(\Ephemeron\Measure\Notation::usual($notation->unit->other())->text($length))</span>@endif</p>
</div>

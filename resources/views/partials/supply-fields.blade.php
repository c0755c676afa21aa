{{-- What is known of a supply; lengths in the unit of the page. --}}
@php
    $isOld = $id === 'new' ? old('adding') !== null : (old('name') !== null && old('adding') === null);
    $value = fn (string $field, mixed $known) => $isOld ? (is_string(old($field)) ? old($field) : '') : $known;
    $amount = $supply === null ? '' : ($supply->left() ? $notation->exact($supply->left()) : $supply->count);
    $kind = $value('kind', $supply?->kind->value ?? 'ribbon');
@endphp
<input type="hidden" name="unit" value="{{ $unit->value }}">
<div class="field">
    <label for="{{ $id }}-kind">Kind</label>
    <select class="form-select" id="{{ $id }}-kind" name="kind">@foreach (\Ephemeron\Blueprint\Sundry::cases() as $each)<option value="{{ $each->value }}" @selected($kind === $each->value)>{{ $each->label() }}</option>@endforeach</select>
    @if ($isOld)@error('kind')<p class="field-error">{{ $message }}</p>@enderror @endif
</div>
@foreach (['name' => ['Name', $supply?->name], 'amount' => ['How many, or how long', $amount], 'price' => ['Price of one, or of a metre', $supply && $supply->mills > 0 ? \App\View\Money::money($supply->price()) : ''], 'place' => ['Where it lies', $supply?->place]] as $field => [$label, $known])
    <div class="field">
        <label for="{{ $id }}-{{ $field }}">{{ $label }}</label>
        <input @class(['form-control', 'is-invalid' => $isOld && $errors->has($field)]) id="{{ $id }}-{{ $field }}" name="{{ $field }}" value="{{ $value($field, $known) }}" autocomplete="off">
        @if ($isOld)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endif
        @if ($field === 'amount')<p class="field-note">Ribbon, tape and thread by length in {{ $unit->label() }}, all else by the piece.</p>@endif
    </div>
@endforeach

@php
    $place = "materials.{$role->value}";
    $format = collect(\Ephemeron\Paper\SheetFormat::cases())->first(fn ($format) => $format->size()->equals($stock->sheet));
    $typed = fn (string $key, mixed $otherwise) => $errors->any() && is_array(session()->getOldInput('set')) ? (session()->getOldInput('set')["{$place}.{$key}"] ?? $otherwise) : $otherwise;
    $fields = [
        'name' => ['Name', $stock->name],
        'weight' => ['Weight', $stock->grammage->exact()],
        'selvage' => ['Selvage strip', $notation->exact($stock->selvage)],
        'count' => ['Sheets you have', $stock->available],
        'price' => ['Price of a sheet', $stock->price->mills === 0 ? '' : \App\View\Money::money($stock->price)],
    ];
    $direction = $typed('direction', ['' => 'none', 'a' => 'a', 'b' => 'b', 'ab' => 'both'][($stock->directionA ? 'a' : '').($stock->directionB ? 'b' : '')]);
@endphp
<fieldset class="mt-2">
    <legend class="fs-6 mb-0"><strong>{{ $role->label() }}</strong> <span class="quiet">· {{ $cuts->sheets() }} {{ $cuts->sheets() === 1 ? 'sheet' : 'sheets' }}, at least {{ $cuts->lowerBound }}</span></legend>
    @if ($stock->leftovers !== [])<p class="field-note">Used first: @foreach ($stock->leftovers as $leftover)<span class="num">{{ $leftover->count }}</span> of @size($leftover->size, $notation)@if (! $loop->last), @endif @endforeach</p>@endif
    @foreach ($fields as $key => [$label, $value])
        @php($id = "{$role->value}-{$key}")
        <div class="field">
            <label for="{{ $id }}">{{ $label }}</label>
            <input @class(['form-control', 'is-invalid' => $errors->has("{$place}.{$key}")]) id="{{ $id }}" name="set[{{ $place }}.{{ $key }}]" value="{{ $typed($key, $value) }}" @if ($key === 'count') placeholder="as many as it takes" inputmode="numeric" @elseif (in_array($key, ['thickness', 'selvage'], true)) data-length @endif>
            @error("{$place}.{$key}")<p class="field-error">{{ $message }}</p>@enderror
        </div>
    @endforeach
    <div class="field">
        <label for="{{ $role->value }}-sheet">Sheet</label>
        <select class="form-select" id="{{ $role->value }}-sheet" name="set[{{ $place }}.sheet]">
            @unless ($format)<option value="own" selected>{{ str_replace('⁄', '/', $notation->size($stock->sheet)) }}</option>@endunless
            @foreach (\Ephemeron\Paper\SheetFormat::cases() as $each)
                <option value="{{ $each->value }}" @selected($typed('sheet', $format?->value) === $each->value)>{{ $each->label() }}</option>
            @endforeach
        </select>
    </div>
    <div class="field">
        <label for="{{ $role->value }}-sides">Printed on</label>
        <select class="form-select" id="{{ $role->value }}-sides" name="set[{{ $place }}.sides]">
            <option value="double" @selected($typed('sides', $stock->doubleSided ? 'double' : 'single') === 'double')>both sides</option>
            <option value="single" @selected($typed('sides', $stock->doubleSided ? 'double' : 'single') === 'single')>one side</option>
        </select>
    </div>
    <div class="field">
        <label for="{{ $role->value }}-direction">Right way up</label>
        <select class="form-select" id="{{ $role->value }}-direction" name="set[{{ $place }}.direction]">
            @foreach (['none' => 'no direction', 'a' => 'on side A', 'b' => 'on side B', 'both' => 'on both sides'] as $way => $label)
                <option value="{{ $way }}" @selected($direction === $way)>{{ $label }}</option>
            @endforeach
        </select>
    </div>
    <div class="field">
        <label for="{{ $role->value }}-grain">Grain</label>
        <select class="form-select" id="{{ $role->value }}-grain" name="set[{{ $place }}.grain]">
            @foreach (\Ephemeron\Paper\Grain::cases() as $grain)<option value="{{ $grain->value }}" @selected($typed('grain', $stock->grain->value) === $grain->value)>{{ $grain->label() }}</option>@endforeach
        </select>
    </div>
</fieldset>

{{-- Pieces pinned to a motif. --}}
@php($letters = collect($plan->blueprint->parts)->mapWithKeys(fn ($part) => [$part->letter => $part->key]))
<section id="pins" aria-labelledby="pins-title" class="pinning" data-parts="{{ json_encode($letters) }}">
    <h2 id="pins-title">Pinned to a motif</h2>
    <p class="quiet mb-1">Drag a piece on a sheet above to the motif it is to get, or type where its upper left corner comes to lie. The others are cut round it.</p>
    @if ($plan->design->pins !== [])
        <ul class="pins">
            @foreach ($plan->design->pins as $index => $pin)
                @php($part = $plan->blueprint->parts[$pin->part] ?? null)
                <li>{{ $part ? "{$part->letter}, {$part->name}" : 'A piece that is gone' }}: sheet {{ $pin->pin->sheet }}, @length($pin->pin->corner->x, $notation) from the left, @length($pin->pin->corner->y, $notation) from the head{{ $pin->pin->turned ? ', turned' : '' }}
                    <x-swap-form :project="$project" :action="route('pins.destroy', [$project, $index])" method="DELETE" stage="cut"><button class="btn-plain">Let it go</button></x-swap-form></li>
            @endforeach
        </ul>
    @endif
    <x-swap-form :project="$project" :action="route('pins.store', $project)" stage="cut" class="sieve" id="pin-form">
        <span class="sieve-by"><label for="pin-part">Pin</label>
        <select class="form-select" id="pin-part" name="part">@foreach ($plan->blueprint->parts as $part)<option value="{{ $part->key }}" @selected(old('part') === $part->key)>{{ $part->letter }}, {{ $part->name }}</option>@endforeach</select></span>
        @foreach (['sheet' => ['on sheet', '1'], 'left' => ['from the left', ''], 'top' => ['from the head', '']] as $field => [$label, $usual])
            <span class="sieve-by"><label for="pin-{{ $field }}">{{ $label }}</label>
            <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has($field)]) id="pin-{{ $field }}" name="{{ $field }}" value="{{ is_string(old($field)) ? old($field) : $usual }}" autocomplete="off"></span>
            @error($field)<span class="field-error">{{ $message }}</span>@enderror
        @endforeach
        <label class="sieve-by"><input class="form-check-input" type="checkbox" id="pin-turned" name="turned" value="1" @checked(old('turned') === '1')> turned</label>
        <button class="btn-plain">Pin it</button>
        @error('part')<p class="field-error">{{ $message }}</p>@enderror
    </x-swap-form>
</section>

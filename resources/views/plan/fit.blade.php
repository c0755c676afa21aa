@php($sizing = $plan->structure->about()->sizing)
@if ($sizing->broader !== [])
    <details id="fit" @if (session('offer') || $errors->hasAny(['number', 'width', 'height', 'thick', 'photo'])) open @endif>
        <summary>Make it fit</summary>
        @if (session('offer'))
            <div class="said is-watch" role="status">
                <p class="mb-1">It fits like this, and wants another paper:</p>
                @foreach (session('offer')['wants'] as $sentence)<p class="mb-1">@typeset($sentence)</p>@endforeach
                <x-change-form :project="$project" :face="$face->key" :auto="false">
                    @foreach (session('offer')['changes'] as $place => $value)<input type="hidden" name="set[{{ $place }}]" value="{{ $value }}">@endforeach
                    <p class="mb-1">@foreach (session('offer')['changes'] as $place => $value){{ str_replace('-', ' ', substr($place, 11)) }} {{ $value }}@if (! $loop->last), @endif @endforeach</p>
                    <button class="btn-plain">Take it all the same</button>
                </x-change-form>
            </div>
        @endif
        <x-swap-form :project="$project" :action="route('fit', $project)" :face="$face->key">
            <div class="field">
                <label for="fit-number">Prints it must hold</label>
                <input @class(['form-control', 'is-invalid' => $errors->has('number')]) id="fit-number" name="number" value="{{ is_string(old('number')) ? old('number') : '' }}" inputmode="numeric" autocomplete="off">
                @error('number')<p class="field-error">{{ $message }}</p>@enderror
            </div>
            <div class="field">
                <label for="fit-photo">of the size</label>
                <select class="form-select" id="fit-photo" name="photo">
                    @foreach (\Ephemeron\Paper\PhotoSize::cases() as $photo)
                        <option value="{{ $photo->value }}" @selected(old('photo', $design->unit === \Ephemeron\Measure\Unit::Inch ? '4x6' : '9x13cm') === $photo->value)>{{ $photo->label() }}</option>
                    @endforeach
                </select>
            </div>
            <button class="btn-plain">Make it hold them</button>
            <p class="field-note">{{ $sizing->longer === null ? 'It grows until they fit.' : 'As few pages as will do; only if that is not enough, larger ones.' }}</p>
        </x-swap-form>
        <x-swap-form :project="$project" :action="route('fit', $project)" :face="$face->key" class="mt-2">
            @foreach (['width' => 'Envelope or shelf, width', 'height' => 'Height', 'thick' => 'No thicker than'] as $name => $label)
                <div class="field">
                    <label for="fit-{{ $name }}">{{ $label }}</label>
                    <span class="with-unit"><input @class(['form-control', 'is-invalid' => $errors->has($name)]) id="fit-{{ $name }}" name="{{ $name }}" value="{{ is_string(old($name)) ? old($name) : '' }}" autocomplete="off" data-length @if ($name === 'thick') placeholder="any" @endif><span class="quiet" aria-hidden="true">{{ $notation->unit->value }}</span></span>
                    @error($name)<p class="field-error">{{ $message }}</p>@enderror
                </div>
            @endforeach
            <button class="btn-plain">Make it as large as fits</button>
            <p class="field-note">Closed it is now @size($plan->blueprint->closedSize(), $notation).</p>
        </x-swap-form>
    </details>
@endif

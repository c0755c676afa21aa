@php
    [, $layers] = $design->mats->ruleFor($face->key);
    $own = $design->mats->faces[$face->key] ?? new \Ephemeron\Design\FaceMats;
@endphp
<details id="on-face" open>
    <summary>On {{ lcfirst($face->name) }}</summary>
    <p class="mb-2">Face @size($face->size, $notation)@if ($face->isFallen()), the sheet’s print {{ $face->lie->label() }} @endif</p>
    @foreach ($plan->blueprint->all(\Ephemeron\Blueprint\Pouch::class) as $pouch)
        @if ($pouch->face === $face->key)
            <div class="mb-2">{{ $pouch->name }}, open at the {{ $pouch->opening->value }}: a card may be @length($pouch->widestInsert(), $notation) wide. <x-why :text="'Between the glue '.$notation->text($pouch->innerWidth()).', less ¼ in of play.'" :of="$pouch->name"/></div>
        @endif
    @endforeach
    @foreach ($plan->blueprint->thingsOn($face->key) as $thing)
        @php
            $kind = $showroom->get($thing->kind);
            $placed = $plan->workings->furnished->at($thing->place);
            $reads = collect($kind->parameters())->contains(fn ($parameter) => $errors->has("{$thing->place}.parameters.{$parameter->key}"));
        @endphp
        <details class="thing" id="thing-{{ str_replace(['.', '/'], '-', $thing->place) }}" @if ($reads) open @endif>
            <summary>{{ $thing->name }} <span class="quiet">@size($thing->area->size, $notation)</span></summary>
            @if ($thing->faces !== [])
                <p class="mb-1">@foreach ($thing->faces as $name => $key)<a href="{{ $see($key) }}">{{ str_replace('-', ' ', $name) }}</a>@if (! $loop->last) · @endif @endforeach <span class="quiet">take things too</span></p>
            @endif
            <x-change-form :project="$project" :face="$face->key">
                @foreach ($kind->parameters() as $parameter)
                    @include('partials.field', ['place' => "{$thing->place}.parameters.{$parameter->key}", 'value' => $placed->values->values[$parameter->key] ?? $parameter->default($design->unit), 'reasons' => []])
                @endforeach
            </x-change-form>
            @if ($placed->standing === \Ephemeron\Design\Standing::Changed)
                <x-change-form :project="$project" :face="$face->key" :auto="false" class="mt-1"><input type="hidden" name="set[{{ $thing->place }}]" value=""><button class="btn-plain">As usual again</button></x-change-form>
            @endif
            <x-swap-form :project="$project" method="DELETE" :action="route('furniture.destroy', $project)" :face="$face->key" class="mt-1">
                <input type="hidden" name="place" value="{{ $thing->place }}">
                <button class="btn-plain" data-take-off="{{ $thing->place }}">Take the {{ lcfirst($thing->name) }} off</button>
            </x-swap-form>
        </details>
    @endforeach
    @foreach ($design->things->said as $key => $said)
        @if ($said->off && str_starts_with($key, "{$face->key}/"))
            <x-change-form :project="$project" :face="$face->key" :auto="false" class="mt-1"><input type="hidden" name="set[things.{{ $key }}]" value=""><button class="btn-plain">Put the usual {{ lcfirst($showroom->get(\Ephemeron\Design\Placed::kindIn($key))->name()) }} back</button></x-change-form>
        @endif
    @endforeach
    @if ($face->takesMat)
        <x-change-form :project="$project" :face="$face->key" class="mt-2">
            @include('partials.mats', ['id' => 'face', 'place' => "mats.faces.{$face->key}", 'labels' => ['Mats on this face', 'Border on this face'], 'layers' => $own->layers, 'school' => $own->school, 'everywhere' => $design->mats])
            @if ($layers > 0)
                <div class="field">
                    <label for="face-corners">Corners of its mat</label>
                    <select class="form-select" id="face-corners" name="set[mats.faces.{{ $face->key }}.corners]">
                        <option value="">as everywhere</option>
                        @foreach (\Ephemeron\Design\MatCorners::cases() as $each)<option value="{{ $each->value }}" @selected($own->corners === $each)>{{ $each->label() }}</option>@endforeach
                    </select>
                </div>
                <div class="field">
                    <label for="face-strips">In strips of two prints</label>
                    <select class="form-select" id="face-strips" name="set[mats.faces.{{ $face->key }}.strips]">
                        @foreach (['' => 'one mat', '2' => 'two', '3' => 'three: sides and middle'] as $many => $label)<option value="{{ $many }}" @selected((string) $own->strips === (string) $many)>{{ $label }}</option>@endforeach
                    </select>
                </div>
                <div class="field">
                    <label for="face-picture">Carries on the picture</label>
                    <input class="form-control" id="face-picture" name="set[mats.faces.{{ $face->key }}.picture]" value="{{ $design->mats->pictureOf($face->key) }}" maxlength="40" placeholder="of no other" autocomplete="off">
                    <p class="field-note">Mats with the same name here are cut side by side from one place of the sheet.</p>
                </div>
            @endif
        </x-change-form>
    @endif
    <h3 class="put-title">Put on this face</h3>
    @foreach ($showroom->byKin() as $kin => $kinds)
        <p class="put"><span>{{ \Ephemeron\Furniture\Kin::from($kin)->label() }}</span>@foreach ($kinds as $kind)<a href="{{ $see($face->key, ['put' => $kind->key()]) }}" title="{{ $kind->summary() }}" @class(['is-here' => $putting?->key() === $kind->key()])>{{ lcfirst($kind->name()) }}</a> @endforeach</p>
    @endforeach
    @error('furniture')<p class="field-error">{{ $message }}</p>@enderror
</details>

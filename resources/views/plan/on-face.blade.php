@php
    [, $layers] = $design->mats->ruleFor($face->key);
    $own = $design->mats->faces[$face->key] ?? new \Ephemeron\Design\FaceMats;
    // Printed pieces a thing is made of, by which a print or a picture is chosen for them; the mats on it have faces of their own.
    $pieces = fn (string $thing) => collect($plan->blueprint->all(\Ephemeron\Blueprint\Ply::class))
        ->filter(fn ($ply) => ($ply->key === $thing || str_starts_with($ply->key, "{$thing}/")) && ! str_contains($ply->key, '/mat-') && $plan->blueprint->part($ply->part)->role->takesAPrint())
        ->map(fn ($ply) => $ply->key)->unique()->take(2);
@endphp
<details id="on-face" open>
    <summary>On {{ lcfirst($face->name) }}</summary>
    <p class="mb-2">Face @size($face->size, $notation)@if ($face->isFallen()), the sheet’s print {{ $face->lie->label() }} @endif</p>
    @foreach ($plan->blueprint->all(\Ephemeron\Blueprint\Pouch::class) as $pouch)
        @if ($pouch->face === $face->key)
            <div class="mb-2">{{ $pouch->name }}, open at the {{ $pouch->opening->value }}: a card may be @length($pouch->widestInsert(), $notation) wide. @why('Between the glue '.$notation->text($pouch->innerWidth()).', less ¼ in of play.', $pouch->name)</div>
        @endif
    @endforeach
    @php
        // So many at a time: nobody looks through hundreds, and what is wrong with one is always shown.
        $things = array_values($plan->blueprint->thingsOn($face->key));
        [$most, $count] = [30, count($things)];
        $from = max(0, min(request()->integer('from'), $count - 1));
        $wrong = fn ($thing) => collect($errors->keys())->contains(fn ($key) => str_starts_with($key, "{$thing->place}."));
    @endphp
    @foreach (array_filter($things, fn ($thing, $index) => ($index >= $from && $index < $from + $most) || $wrong($thing), ARRAY_FILTER_USE_BOTH) as $thing)
        @php
            $kind = $showroom->get($thing->kind);
            $placed = $plan->layout->furnished->at($thing->place);
            $reads = collect($kind->parameters())->contains(fn ($parameter) => $errors->has("{$thing->place}.parameters.{$parameter->key}"));
        @endphp
        <details class="thing" id="thing-{{ str_replace(['.', '/'], '-', $thing->place) }}" @if ($reads) open @endif>
            <summary>{{ $thing->name }} <span class="quiet">@size($thing->area->size(), $notation)</span></summary>
            @if ($thing->faces !== [])
                <p class="mb-1">@foreach ($thing->faces as $name => $key)<a href="{{ $see($key) }}">{{ str_replace('-', ' ', $name) }}</a>@if (! $loop->last) · @endif @endforeach <span class="quiet">take things too</span></p>
            @endif
            <x-change-form :project="$project" :face="$face->key">
                @foreach ($kind->parameters() as $parameter)
                    @include('partials.field', ['place' => "{$thing->place}.parameters.{$parameter->key}", 'value' => $placed->values->values[$parameter->key] ?? $parameter->default($design->unit), 'reasons' => []])
                @endforeach
                @foreach ($pieces($thing->key) as $piece)
                    @include('partials.said', ['id' => 'picture-'.Str::slug($piece), 'place' => "choices.{$piece}.picture", 'value' => $design->choices->said[$piece]->picture->name ?? '', 'label' => 'Carries on the picture', 'placeholder' => 'of no other', 'most' => 40, 'note' => 'With mats and pieces of the same name: over a band and what lies behind it, over two flaps.'])
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
    @if ($count > $most)
        <p class="mb-2">{{ $count }} things lie here, {{ $most }} at a time: @for ($first = 0; $first < $count; $first += $most)<a href="{{ $see($face->key, ['from' => $first]) }}" @if ($first === $from) aria-current="true" @endif>{{ $first + 1 }}–{{ min($count, $first + $most) }}</a>{{ $first + $most < $count ? ', ' : '' }}@endfor</p>
    @endif
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
                    <label for="face-corners">@words('Corners of its mat')</label>
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
                @php($at = "mats.faces.{$face->key}")
                @include('partials.said', ['id' => 'face-widths', 'place' => "{$at}.widths", 'value' => $own->widths?->text($notation), 'label' => 'Strips of your own', 'placeholder' => '2 | rest | 2', 'note' => 'Widths in their order; one of them is “rest”: what is left.'])
                @if ($own->widths || ($own->strips ?? 1) > 1)
                    <div class="field">
                        <label for="face-across">Strips run</label>
                        <select class="form-select" id="face-across" name="set[{{ $at }}.across]"><option value="false">upright, from the left</option><option value="true" @selected($own->across)>across, from the head</option></select>
                    </div>
                    @include('partials.said', ['id' => 'face-tuck', 'place' => "{$at}.tuck", 'value' => $own->tuck ? $notation->exact($own->tuck) : '', 'label' => 'What is left goes under by', 'placeholder' => 'nothing: they butt', 'note' => '¼ to ½ in (6 to 12 mm) under a strip, a band or a pocket.'])
                @endif
                @if ($layers > 1)
                    @include('partials.said', ['id' => 'face-rim', 'place' => "{$at}.rim", 'value' => $own->rim ? $notation->exact($own->rim) : '', 'label' => 'The lower mat shows', 'placeholder' => 'as everywhere', 'note' => 'A small mat on a plain one saves the print: 3 × 3 on 3½ × 3½ shows ¼.'])
                    <div class="field">
                        <label for="face-plain">@words('The lower mat is')</label>
                        <select class="form-select" id="face-plain" name="set[{{ $at }}.plain]"><option value="false">of its own paper</option><option value="true" @selected($own->plain)>of plain card</option></select>
                    </div>
                @endif
                @include('partials.said', ['id' => 'face-picture', 'place' => "{$at}.picture", 'value' => $design->mats->pictureOf($face->key), 'label' => 'Carries on the picture', 'placeholder' => 'of no other', 'most' => 40, 'note' => 'Mats and pieces with the same name here are cut as neighbours from one place of the sheet.'])
            @endif
        </x-change-form>
    @endif
    @include('partials.noting', ['notes' => $project->notes()->where('step', "face:{$face->key}")->oldest('id')->get(), 'place' => "face:{$face->key}", 'placeholder' => 'Note something about this face'])
    <h3 class="put-title">Put on this face</h3>
    @foreach ($showroom->byKin() as $kin => $kinds)
        <p class="put"><span>{{ \Ephemeron\Furniture\Kin::from($kin)->label() }}</span>@foreach ($kinds as $kind)<a href="{{ $see($face->key, ['put' => $kind->key()]) }}" title="{{ $kind->summary() }}" @class(['is-here' => $putting?->key() === $kind->key()])>{{ lcfirst($kind->name()) }}</a> @endforeach</p>
    @endforeach
    @error('furniture')<p class="field-error">{{ $message }}</p>@enderror
</details>

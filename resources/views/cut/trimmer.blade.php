{{-- What the maker's trimmer can do; the cuts are planned for it. --}}
@php($wrong = $errors->hasAny(['blade', 'strip', 'insert-play', 'stack-160', 'stack-220', 'stack-300']))
<details class="why-not" @if ($wrong) open @endif>
    <summary>My trimmer: cuts up to @length($trimmer->longestCut, $notation), strips from @length($trimmer->narrowestStrip, $notation), marks every {{ $trimmer->fence->value }}</summary>
    <x-change-form class="sieve" :project="$project" stage="cut">
        @foreach (['blade' => ['Longest cut', $plan->design->tools->length('blade'), $trimmer->longestCut], 'strip' => ['Narrowest strip', $plan->design->tools->length('strip'), $trimmer->narrowestStrip], 'insert-play' => ['Inserts less by', $plan->design->tools->length('insert-play'), \Ephemeron\Blueprint\Pouch::play()]] as $tool => [$label, $chosen, $usual])
            @php($typed = $errors->has($tool) && is_array(old('set')) ? (old('set')[$tool] ?? null) : null)
            <div class="sieve-by"><label for="{{ $tool }}">{{ $label }}</label>
            <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has($tool)]) id="{{ $tool }}" name="set[{{ $tool }}]" value="{{ is_string($typed) ? $typed : ($chosen ? $notation->exact($chosen) : '') }}" placeholder="{{ $notation->text($usual) }}" autocomplete="off"></div>
            @error($tool)<p class="field-error">{{ $message }}</p>@enderror
        @endforeach
        @foreach (\Ephemeron\Design\Tools::WEIGHTS as $grams)
            <div class="sieve-by"><label for="stack-{{ $grams }}">At once of {{ $grams }} g</label>
            <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has("stack-{$grams}")]) id="stack-{{ $grams }}" name="set[stack-{{ $grams }}]" value="{{ $errors->has("stack-{$grams}") && is_array(old('set')) ? (is_string(old('set')["stack-{$grams}"] ?? null) ? old('set')["stack-{$grams}"] : '') : ($plan->design->tools->stacks[$grams] ?? '') }}" placeholder="{{ 3 - $loop->index }}" inputmode="numeric" autocomplete="off"></div>
            @error("stack-{$grams}")<p class="field-error">{{ $message }}</p>@enderror
        @endforeach
        <div class="sieve-by"><label for="grid">Marks every</label>
        <select class="form-select" id="grid" name="set[grid]">
            @foreach (\Ephemeron\Measure\ToolGrid::cases() as $grid)
                @if ($grid->unit() === $notation->unit)<option value="{{ $grid->value }}" @selected($trimmer->fence === $grid)>{{ $grid->value }}</option>@endif
            @endforeach
        </select></div>
        <noscript><button class="btn-plain">Plan for it</button></noscript>
    </x-change-form>
</details>

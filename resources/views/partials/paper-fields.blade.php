{{-- What is known of a paper; lengths in the unit of the page. --}}
@php
    $isOld = $id === 'new' ? old('adding') !== null : (old('name') !== null && old('adding') === null);
    $value = fn (string $field, mixed $known) => $isOld ? (is_string(old($field)) ? old($field) : '') : $known;
    $bare = fn (int $ticks) => $notation->bare(\Ephemeron\Measure\Length::ofTicks($ticks));
    $square = $unit === \Ephemeron\Measure\Unit::Inch ? '12' : '30.5';
    $fields = [
        'name' => ['Name', $paper?->name], 'pad' => ['Pad or collection', $paper?->pad], 'width' => ['Width', $paper ? $bare($paper->width) : $square], 'height' => ['Height', $paper ? $bare($paper->height) : $square],
        'count' => ['Sheets', $paper?->count ?? 1], 'weight' => ['Weight', $paper?->weight ?? '160 g'], 'thickness' => ['Thickness, if measured', $paper?->thickness ? $bare($paper->thickness) : ''], 'selvage' => ['Selvage strip', $paper ? $bare($paper->selvage) : '0'],
        'price' => ['Price of a sheet', $paper ? $paper->price()->text() : ''], 'place' => ['Where it lies', $paper?->place], 'tags' => ['Tags', $paper?->tags], 
    ];
    $choices = ['kind' => ['Kind', \App\Models\Paper::KINDS, $paper?->kind ?? 'pattern'], 'sides' => ['Printed on', ['double' => 'both sides', 'single' => 'one side'], $paper?->sides ?? 'double'], 'direction' => ['Right way up', ['none' => 'no direction', 'a' => 'on side A', 'b' => 'on side B', 'both' => 'on both sides'], $paper?->direction ?? 'none'], 'grain' => ['Grain', array_column(array_map(fn ($grain) => [$grain->value, $grain->label()], \Ephemeron\Paper\Grain::cases()), 1, 0), $paper?->grain ?? 'unknown']];
    $colours = ['swatch' => ['Colour of side A', $paper?->swatch ?: ''], 'swatch-b' => ['Colour of side B', $paper?->swatch_b ?: '']];
    $cards = $paper ? implode("\n", array_map(fn ($card) => $card->text($notation), $paper->printedCards())) : '';
    $leaf = $paper?->leaf;
    $space = array_column(array_map(fn ($case) => [$case->value, $case->label()], \Ephemeron\Gathering\WritingSpace::cases()), 1, 0);
    $journal = [
        'leaf' => ['Leaf of a journal', ['' => 'not said', ...array_column(array_map(fn ($case) => [$case->value, $case->label()], \Ephemeron\Gathering\LeafKind::cases()), 1, 0)], $leaf['kind'] ?? ''],
        'front' => ['Room to write in front', $space, $leaf['front'] ?? 'all'], 'back' => ['Room to write behind', $space, $leaf['back'] ?? 'all'],
        'text' => ['Printed text', ['' => 'no', '1' => 'yes'], $leaf['text'] ?? ''], 'reference' => ['Like a dictionary', ['' => 'no', '1' => 'yes'], $leaf['reference'] ?? ''],
        'bag' => ['Bag or envelope, open at', ['' => 'no, a sheet', 'top' => 'the head', 'right' => 'the right', 'bottom' => 'the foot', 'left' => 'the left'], $leaf['bag'] ?? ''],
    ];
@endphp
<input type="hidden" name="unit" value="{{ $unit->value }}">
@php
    // What a paper is known by stands open; what is rarely said is folded away.
    $rarely = ['thickness', 'selvage', 'price', 'place', 'tags', 'grain'];
    $isRarely = fn (string $field) => in_array($field, $rarely, true);
@endphp
@foreach ([false, true] as $folded)
@if ($folded)<details class="for-journals" @if ($isOld && $errors->hasAny($rarely)) open @endif><summary>More about it</summary>@endif
@foreach ($fields as $field => [$label, $known])
    @continue ($isRarely($field) !== $folded)
    <div class="field">
        <label for="{{ $id }}-{{ $field }}">{{ $label }}</label>
        <input @class(['form-control', 'is-invalid' => $isOld && $errors->has($field)]) id="{{ $id }}-{{ $field }}" name="{{ $field }}" value="{{ $value($field, $known) }}" autocomplete="off" @if (in_array($field, ['width', 'height', 'thickness', 'selvage'], true)) data-length @endif>
        @if ($isOld)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endif
    </div>
@endforeach
@foreach ($choices as $field => [$label, $options, $known])
    @continue ($isRarely($field) !== $folded)
    <div class="field">
        <label for="{{ $id }}-{{ $field }}">{{ $label }}</label>
        <select class="form-select" id="{{ $id }}-{{ $field }}" name="{{ $field }}">@foreach ($options as $key => $text)<option value="{{ $key }}" @selected($value($field, $known) === $key)>{{ $text }}</option>@endforeach</select>
        @if ($isOld)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endif
    </div>
@endforeach
@if ($folded)</details>@endif
@endforeach
@foreach ($colours as $field => [$label, $known])
    <div class="field" x-data="colour">
        <label for="{{ $id }}-{{ $field }}">{{ $label }}</label>
        <span class="with-colour">
            <input type="color" tabindex="-1" aria-label="{{ $label }}, choose" value="{{ preg_match('/^#[0-9a-f]{6}$/i', (string) $value($field, $known)) ? $value($field, $known) : '#e8e0cc' }}" @input="chosen($event)">
            <input @class(['form-control', 'is-invalid' => $isOld && $errors->has($field)]) x-ref="text" id="{{ $id }}-{{ $field }}" name="{{ $field }}" value="{{ $value($field, $known) }}" autocomplete="off" placeholder="as printed">
        </span>
        @if ($isOld)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endif
    </div>
@endforeach
<details class="for-journals" @if ($cards !== '' || $paper?->set_aside || ($isOld && $errors->hasAny(['set-aside', 'set-aside-count', 'cards']))) open @endif>
    <summary>Set aside, cut apart</summary>
    <div class="field">
        <label for="{{ $id }}-set-aside">Set aside</label>
        <select class="form-select" id="{{ $id }}-set-aside" name="set-aside"><option value="">no</option>@foreach (\App\Drawer\SetAside::cases() as $mark)<option value="{{ $mark->value }}" @selected($value('set-aside', $paper?->set_aside) === $mark->value)>{{ $mark->label() }}</option>@endforeach</select>
    </div>
    <div class="field">
        <label for="{{ $id }}-set-aside-count">So many sheets</label>
        <input @class(['form-control', 'is-invalid' => $isOld && $errors->has('set-aside-count')]) id="{{ $id }}-set-aside-count" name="set-aside-count" inputmode="numeric" value="{{ $value('set-aside-count', $paper?->set_aside_count ?: '') }}" placeholder="all" autocomplete="off">
        @if ($isOld)@error('set-aside-count')<p class="field-error">{{ $message }}</p>@enderror @endif
    </div>
    <div class="field is-wide">
        <label for="{{ $id }}-cards">Cards printed on it</label>
        <textarea @class(['form-control', 'is-invalid' => $isOld && $errors->has('cards')]) id="{{ $id }}-cards" name="cards" rows="{{ min(8, 2 + substr_count($cards, "\n")) }}" placeholder="3 x 4 at 1/2 x 1/2: Owl" spellcheck="false" autocomplete="off">{{ $value('cards', $cards) }}</textarea>
        @if ($isOld)@error('cards')<p class="field-error">{{ $message }}</p>@enderror @endif
        <p class="field-note">One a line: width x height, at so far from the left x from the top of side A, and a name. They go in under “What goes in” of a book.</p>
    </div>
</details>
<details class="for-journals" @if (($leaf !== null && $id !== 'new') || ($isOld && $errors->hasAny(array_keys($journal)))) open @endif>
    <summary>For journals</summary>
@foreach ($journal as $field => [$label, $options, $known])
    <div class="field">
        <label for="{{ $id }}-{{ $field }}">{{ $label }}</label>
        <select class="form-select" id="{{ $id }}-{{ $field }}" name="{{ $field }}">@foreach ($options as $key => $text)<option value="{{ $key }}" @selected((string) $value($field, $known) === (string) $key)>{{ $text }}</option>@endforeach</select>
        @if ($isOld)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endif
    </div>
@endforeach
</details>

{{-- A paper comes onto the heap. --}}
@php($asked = ['name', 'width', 'height', 'weight', 'count', 'kind', 'hue', 'drawer', 'front', 'back', 'bag'])
@php($wrong = $errors->hasAny($asked) || collect($errors->keys())->contains(fn ($place) => str_starts_with($place, 'leaves.heap.'.count($leaves->heap))))
<details class="heap-paper" id="add-paper" @if ($leaves->heap === [] || $wrong) open @endif>
    <summary>Put a paper on the heap</summary>
    <form method="post" action="{{ route('leaves.add', $project) }}" hx-post="{{ route('leaves.add', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" novalidate>@csrf
        <input type="hidden" name="revision" value="{{ $project->revision }}"><input type="hidden" name="stage" value="leaves">
        @if ($drawer->isNotEmpty())
            <div class="field is-wide"><label for="add-drawer">From the drawer</label><select class="form-select" id="add-drawer" name="drawer"><option value="">no, described here</option>@foreach ($drawer as $paper)<option value="{{ $paper->id }}" @selected((string) old('drawer') === (string) $paper->id)>{{ $paper->name }} ({{ $paper->count }})</option>@endforeach</select>@error('drawer')<p class="field-error">{{ $message }}</p>@enderror</div>
        @endif
        @if ($books->isNotEmpty())
            <div class="field is-wide"><label for="add-book">A folio of the shelf, sewn in along its score</label><select class="form-select" id="add-book" name="book"><option value="">none</option>@foreach ($books as $book)<option value="{{ $book->id }}" @selected((string) old('book') === (string) $book->id)>{{ $book->name }}</option>@endforeach</select>@error('book')<p class="field-error">{{ $message }}</p>@enderror</div>
        @endif
        @foreach (['name' => ['Name', ''], 'width' => ['Width, as it lies', ''], 'height' => ['Height', ''], 'weight' => ['Weight', '90 g'], 'count' => ['Sheets', '1'], 'hue' => ['Hue, 0 to 359', 'none']] as $field => [$label, $hint])
            <div class="field"><label for="add-{{ $field }}">{{ $label }}</label><input @class(['form-control', 'is-invalid' => $errors->has($field)]) id="add-{{ $field }}" name="{{ $field }}" value="{{ is_string(old($field)) ? old($field) : '' }}" placeholder="{{ $hint }}" autocomplete="off">
                @error($field)<p class="field-error">{{ $message }}</p>@enderror
                @error('leaves.heap.'.count($leaves->heap).'.paper.'.$field)<p class="field-error">{{ $message }}</p>@enderror</div>
        @endforeach
        <div class="field"><label for="add-kind">Kind</label><select class="form-select" id="add-kind" name="kind">@if ($drawer->isNotEmpty())<option value="">as the drawer says, else plain</option>@endif @foreach (\Ephemeron\Gathering\LeafKind::cases() as $each)<option value="{{ $each->value }}" @selected(old('kind') === $each->value)>{{ $each->label() }}</option>@endforeach</select></div>
        @foreach (['front' => 'Room to write in front', 'back' => 'Room to write behind'] as $which => $label)
            <div class="field"><label for="add-{{ $which }}">{{ $label }}</label><select class="form-select" id="add-{{ $which }}" name="{{ $which }}">@foreach (\Ephemeron\Gathering\WritingSpace::cases() as $each)<option value="{{ $each->value }}" @selected(old($which) === $each->value)>{{ $each->label() }}</option>@endforeach</select></div>
        @endforeach
        <div class="field"><label for="add-bag">A bag or envelope, open at</label><select class="form-select" id="add-bag" name="bag"><option value="">no, a sheet</option>@foreach (\Ephemeron\Geometry\Edge::cases() as $each)<option value="{{ $each->value }}" @selected(old('bag') === $each->value)>{{ ['top' => 'the head', 'right' => 'the right', 'bottom' => 'the foot', 'left' => 'the left'][$each->value] }}</option>@endforeach</select></div>
        <div class="field"><label for="add-text">Printed text</label><span><input class="form-check-input" type="checkbox" id="add-text" name="text" value="1" @checked(old('text'))></span></div>
        <div class="field"><label for="add-reference">Like a dictionary</label><span><input class="form-check-input" type="checkbox" id="add-reference" name="reference" value="1" @checked(old('reference'))></span></div>
        <p class="field-note">Round or cut to shape, a doily for instance: the box round it, and say so in its name.</p>
        <button class="btn-main">Put it on the heap</button>
    </form>
</details>

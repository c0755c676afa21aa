{{-- One paper of the heap: what it is, how it meets the template, and what can be changed. --}}
@php
    $typed = is_array(old('set')) ? old('set') : [];
    $shown = fn (string $field, mixed $value) => is_string($typed["leaves.heap.{$index}.{$field}"] ?? null) && $errors->has("leaves.heap.{$index}.{$field}") ? $typed["leaves.heap.{$index}.{$field}"] : $value;
    $lying = $paper->lying($gathered->template);
    $way = $leaves->ways[$paper->key] ?? new \Ephemeron\Gathering\SheetWay;
    $meeting = \Ephemeron\Gathering\Meeting::of($lying, $gathered->template, $gathered->school, $way->height, $way->width, $way->seat);
    $error = collect($errors->getMessages())->first(fn ($messages, $place) => str_starts_with($place, "leaves.heap.{$index}.") || str_starts_with($place, "leaves.ways.{$paper->key}"));
@endphp
<details class="heap-paper" id="paper-{{ $paper->key }}" @if ($error) open @endif>
    <summary><i class="swatch" style="background:{{ $hue($paper) }}"></i> {{ $paper->stock->name }} <span class="quiet">{{ $paper->count }} × @size($lying->stock->sheet, $notation)</span></summary>
    <p class="field-note">{{ ucfirst($meeting->height->label()) }}; {{ $meeting->width->label() }}.@if ($meeting->isCut()) Cut to @size($meeting->blank, $notation).@endif</p>
    <x-change-form :project="$project" stage="leaves">
        <div class="field"><label for="count-{{ $paper->key }}">Sheets</label><input class="form-control" id="count-{{ $paper->key }}" name="set[leaves.heap.{{ $index }}.count]" value="{{ $shown('count', $paper->count) }}" inputmode="numeric" autocomplete="off"></div>
        <div class="field"><label for="kind-{{ $paper->key }}">Kind</label><select class="form-select" id="kind-{{ $paper->key }}" name="set[leaves.heap.{{ $index }}.kind]">@foreach (\Ephemeron\Gathering\LeafKind::cases() as $each)<option value="{{ $each->value }}" @selected($paper->kind === $each)>{{ $each->label() }}</option>@endforeach</select></div>
        @foreach (['front' => 'Room to write in front', 'back' => 'Room to write behind'] as $which => $label)
            <div class="field"><label for="{{ $which }}-{{ $paper->key }}">{{ $label }}</label><select class="form-select" id="{{ $which }}-{{ $paper->key }}" name="set[leaves.heap.{{ $index }}.{{ $which }}]">@foreach (\Ephemeron\Gathering\WritingSpace::cases() as $each)<option value="{{ $each->value }}" @selected($paper->{$which} === $each)>{{ $each->label() }}</option>@endforeach</select></div>
        @endforeach
        <div class="field"><label for="hue-{{ $paper->key }}">Hue, 0 to 359</label><input class="form-control" id="hue-{{ $paper->key }}" name="set[leaves.heap.{{ $index }}.hue]" value="{{ $shown('hue', $paper->hue) }}" inputmode="numeric" autocomplete="off"></div>
        @if ($lying->stock->sheet->height->isMoreThan($open->height))
            <div class="field"><label for="tall-{{ $paper->key }}">Too tall</label><select class="form-select" id="tall-{{ $paper->key }}" name="set[leaves.ways.{{ $paper->key }}.height]"><option value="">as usual</option>@foreach (['trimmed' => 'trim', 'folded-up' => 'fold up', 'folded-down' => 'fold down'] as $value => $label)<option value="{{ $value }}" @selected($way->height?->value === $value)>{{ $label }}</option>@endforeach</select></div>
        @endif
        @if ($lying->stock->sheet->width->isMoreThan($open->width))
            <div class="field"><label for="wide-{{ $paper->key }}">Too wide</label><select class="form-select" id="wide-{{ $paper->key }}" name="set[leaves.ways.{{ $paper->key }}.width]"><option value="">as usual</option>@foreach (['trimmed' => 'trim', 'flap' => 'a flap', 'pocket' => 'a pocket'] as $value => $label)<option value="{{ $value }}" @selected($way->width?->value === $value)>{{ $label }}</option>@endforeach</select></div>
        @endif
        @if ($open->height->isMoreThan($lying->stock->sheet->height))
            <div class="field"><label for="seat-{{ $paper->key }}">Sits</label><select class="form-select" id="seat-{{ $paper->key }}" name="set[leaves.ways.{{ $paper->key }}.seat]">@foreach (['middle' => 'in the middle', 'head' => 'at the head', 'foot' => 'at the foot'] as $value => $label)<option value="{{ $value }}" @selected($way->seat->value === $value)>{{ $label }}</option>@endforeach</select></div>
        @endif
        @if ($error)<p class="field-error">{{ $error[0] }}</p>@endif
        <noscript><button class="btn-plain">Keep</button></noscript>
    </x-change-form>
    <form method="post" action="{{ route('leaves.take-off', [$project, $paper->key]) }}" hx-delete="{{ route('leaves.take-off', [$project, $paper->key]) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf @method('DELETE')
        <input type="hidden" name="revision" value="{{ $project->revision }}"><input type="hidden" name="stage" value="leaves"><button class="btn-plain">Take it off the heap</button></form>
</details>

@php
    $is = function (string $field) use ($said): string {
        $old = old($field);
        $value = is_string($old) ? $old : ($said[$field] ?? '');

        return is_array($value) ? implode("\n", $value) : (string) $value;
    };
    $area = fn (string $field, int $rows): array => ['field' => $field, 'rows' => max($rows, substr_count($is($field), "\n") + 1)];
@endphp
<x-room title="A structure of your own">
    <x-slot:tools><a class="btn-plain" href="{{ route('catalogue') }}">The catalogue</a></x-slot:tools>
    <p class="quiet mt-2">Give its measures names, and write lengths as sums of them in braces: <code>{2*page + gusset}</code>. It stands in the catalogue then like any other: begun in any size, made to fit, advised, cut. A book stays as it was begun when you write its structure anew.</p>
    <form class="writing-down" method="post" action="{{ route('own-structure.store') }}" novalidate>
        @csrf<x-once/>
        <div class="row-line">
            <span class="asked"><label for="name">Name</label> <input @class(['form-control', 'is-invalid' => $errors->has('name')]) id="name" name="name" maxlength="120" value="{{ $is('name') }}" autocomplete="off"></span>
            <span class="asked"><label for="skill">asks for</label> <select class="form-select" id="skill" name="skill">@foreach (\Ephemeron\Structure\Skill::cases() as $each)<option value="{{ $each->value }}" @selected($is('skill') === $each->value)>{{ $each->label() }}</option>@endforeach</select></span>
            <span class="asked"><label for="unit">numbers without a unit are in</label> <select class="form-select" id="unit" name="unit">@foreach (\Ephemeron\Measure\Unit::cases() as $each)<option value="{{ $each->value }}" @selected($is('unit') === $each->value)>{{ $each->label() }}</option>@endforeach</select></span>
        </div>
        @foreach (['name', 'skill', 'unit'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
        <label for="summary">What it is good for</label>
        <input @class(['form-control', 'is-invalid' => $errors->has('summary')]) id="summary" name="summary" maxlength="400" value="{{ $is('summary') }}" autocomplete="off">
        @error('summary')<p class="field-error">{{ $message }}</p>@enderror
        @foreach ([
            'measures' => ['Measures, one a line', 'page width = 5 in, 13 cm (2 in to 10 in): how wide a page is. A whole number is a count: pages = 4 (1 to 12). What follows from others: spread := 2*page width.', 4],
            'columns' => ['Panels across, from the left', '{page width} + {gusset} ^ {page width}: + a valley, ^ a mountain, | no score, a star after a tab that is glued.', 1],
            'rows' => ['Panels down, from the top', 'In the same way.', 1],
            'cut-away' => ['Cut away', 'Areas by column and row: 1-1, 3-1 or a range 1-1..2-2.', 1],
            'pieces' => ['Further pieces, one a line', 'Page {n}: {page width} × {height}; on Base 1-1 front. What stands in [pages: …] stands so often, and n counts from 1.', 3],
            'lines' => ['Further lines', 'slit: {gusset} × 0 to {gusset} × 1 1/2 in', 1],
        ] as $field => [$label, $note, $rows])
            <label for="{{ $field }}">{{ $label }}</label>
            <textarea @class(['form-control', 'is-invalid' => $errors->has($field)]) id="{{ $field }}" name="{{ $field }}" rows="{{ max($rows, substr_count($is($field), "\n") + 1) }}" maxlength="4000" spellcheck="false" autocomplete="off" aria-describedby="{{ $field }}-note @error($field){{ $field }}-error @enderror">{{ $is($field) }}</textarea>
            @error($field)<p class="field-error" id="{{ $field }}-error">{{ $message }}</p>@enderror
            <p class="field-note" id="{{ $field }}-note">{{ $note }}</p>
        @endforeach
        <p class="mt-2"><button class="btn-main">Keep it in the catalogue</button></p>
    </form>
    <form class="writing-down" method="post" action="{{ route('own-structure.store') }}" enctype="multipart/form-data">
        @csrf<x-once/>
        <h2 class="section-title">Or bring one in</h2>
        <div class="row-line"><label for="file" class="visually-hidden">Its file</label><input @class(['form-control', 'is-invalid' => $errors->has('file')]) type="file" id="file" name="file" accept=".json,application/json"> <button class="btn-plain">Bring in</button></div>
        @error('file')<p class="field-error" style="white-space:pre-line">{{ $message }}</p>@enderror
    </form>
</x-room>

@php
    // What is wrong with the address beside what is wrong with what was sent.
    $errors->hasBag() ? $errors->getBag('default')->merge($wrong) : $errors->put('default', new \Illuminate\Support\MessageBag($wrong));
    $notation = \Ephemeron\Measure\Notation::usual($unit);
    $shown = fn (string $field, \Ephemeron\Measure\Length $length) => is_string($asked[$field] ?? null) && $errors->has($field) ? $asked[$field] : $notation->bare($length);
    $isGood = $motif !== '' && ! $errors->hasAny(['size', 'width', 'height', 'repeat']);
    $address = array_filter([...$asked, 'motif' => $motif], fn ($value) => $value !== null && $value !== '');
@endphp
<x-page title="Own paper">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">A paper of your own</h1>
            <div class="tools"><a class="btn-plain" href="{{ route('papers.index', ['unit' => $unit->value]) }}">Back to the drawer</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main class="workplace">
            <div class="drawn">
                @if ($isGood)
                    <img class="own-sheet" loading="lazy" src="{{ route('papers.own.sheet', ['type' => 'look', ...$address]) }}" alt="The sheet, {{ $notation->size($paper->sheet) }}" width="700" style="aspect-ratio: {{ $paper->sheet->width->ticks }} / {{ $paper->sheet->height->ticks }}">
                @else
                    <p class="fs-5 mt-3">{{ $motif === '' ? 'Draw or scan a motif, choose its picture, and it is laid side by side to a whole sheet at true size.' : 'There is something to mend beside.' }}</p>
                @endif
            </div>
            <div class="particulars">
                <form method="post" action="{{ route('papers.own.keep') }}" enctype="multipart/form-data">@csrf
                    <input type="hidden" name="unit" value="{{ $unit->value }}">
                    <label for="motif">{{ $motif === '' ? 'The motif' : 'Another motif' }}, PNG, JPEG or SVG</label>
                    <input @class(['form-control', 'is-invalid' => $errors->has('motif')]) type="file" id="motif" name="motif" accept="image/png,image/jpeg,image/svg+xml">
                    @error('motif')<p class="field-error">{{ $message }}</p>@enderror
                    <button @class(['mt-1', $motif === '' ? 'btn-main' : 'btn-plain'])>Take it</button>
                </form>
                @if ($motif !== '')
                    <form class="mt-3" method="get" action="{{ route('papers.own') }}" hx-get="{{ route('papers.own') }}" hx-trigger="change, submit" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" hx-push-url="true">
                        <input type="hidden" name="motif" value="{{ $motif }}">
                        <div class="field"><label for="own-unit">In</label><select class="form-select" id="own-unit" name="unit">@foreach (\Ephemeron\Measure\Unit::cases() as $each)<option value="{{ $each->value }}" @selected($unit === $each)>{{ $each->label() }}</option>@endforeach</select></div>
                        @foreach (['size' => ['The motif is wide', $paper->motif], 'width' => ['The sheet is wide', $paper->sheet->width], 'height' => ['and tall', $paper->sheet->height]] as $field => [$label, $length])
                            <div class="field"><label for="own-{{ $field }}">{{ $label }}</label><input @class(['form-control', 'is-invalid' => $errors->has($field)]) id="own-{{ $field }}" name="{{ $field }}" value="{{ $shown($field, $length) }}" autocomplete="off" data-length>@error($field)<p class="field-error">{{ $message }}</p>@enderror</div>
                        @endforeach
                        <div class="field is-wide"><label for="own-repeat">Laid</label><select class="form-select" id="own-repeat" name="repeat">@foreach (\Ephemeron\Paper\Repeat::cases() as $each)<option value="{{ $each->value }}" @selected($paper->repeat === $each)>{{ $each->label() }}</option>@endforeach</select>@error('repeat')<p class="field-error">{{ $message }}</p>@enderror</div>
                        <label class="sieve-by"><input type="hidden" name="mirrored" value="0"><input class="form-check-input" type="checkbox" name="mirrored" value="1" @checked($paper->mirrored)> every other one mirrored</label>
                        <noscript><button class="btn-plain">Lay it so</button></noscript>
                    </form>
                    @if ($isGood)
                        <p class="mt-3">To print at 100 %, 300 dots to the inch: <a href="{{ route('papers.own.sheet', ['type' => 'pdf', ...$address]) }}">PDF</a> · <a href="{{ route('papers.own.sheet', ['type' => 'png', ...$address]) }}">PNG</a></p>
                        <form method="post" action="{{ route('papers.own.put') }}">@csrf<x-once/>
                            @foreach ($address as $key => $value)<input type="hidden" name="{{ $key }}" value="{{ $value }}">@endforeach
                            <div class="field"><label for="own-name">Name</label><input @class(['form-control', 'is-invalid' => $errors->has('name')]) id="own-name" name="name" value="{{ is_string(old('name')) ? old('name') : '' }}" autocomplete="off">@error('name')<p class="field-error">{{ $message }}</p>@enderror</div>
                            <div class="field"><label for="own-count">Sheets printed</label><input @class(['form-control', 'is-invalid' => $errors->has('count')]) id="own-count" name="count" value="{{ is_string(old('count')) ? old('count') : '1' }}" inputmode="numeric" autocomplete="off">@error('count')<p class="field-error">{{ $message }}</p>@enderror</div>
                            <button class="btn-main">Put it into the drawer</button>
                        </form>
                    @endif
                @endif
            </div>
        </main>
    </div>
</x-page>

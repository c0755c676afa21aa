<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Print">
    @if ($plan->report->stops())
        <p class="said is-stop">Something still stops the work: {{ $plan->report->findings[0]->text }}</p>
    @endif
    <div class="prints">
        <form class="sheet" method="get" action="{{ route('print.pdf', [$project, 'cut-list']) }}" target="_blank" x-data="printing">
            <h2 class="section-title">Cut list</h2>
            <p>All pieces by section, with a box to tick for each one and lines to clip along, the sheets they come from, and the steps.</p>
            @include('partials.print-paper', ['id' => 'cut-list'])
            <button class="btn-main mt-2">Print the cut list</button>
        </form>
        <form class="sheet" method="get" action="{{ route('print.pdf', [$project, 'templates']) }}" target="_blank">
            <h2 class="section-title">Templates at true size</h2>
            <p>Each piece with its scores, slits and notches, larger ones over several pages with marks to join them. Measure the check mark before you trust a print: print at 100&nbsp;%, never “fit to page”.</p>
            @include('partials.print-paper', ['id' => 'templates'])
            <fieldset class="mt-2">
                <legend class="fs-6">Pieces</legend>
                @foreach ($plan->blueprint->parts as $part)
                    <label class="me-3"><input class="form-check-input" type="checkbox" name="letters[]" value="{{ $part->letter }}" @checked($part->creases !== [] || $part->notches !== [] || $part->holes !== [])> {{ $part->letter }} {{ $part->name }}</label>
                @endforeach
            </fieldset>
            <button class="btn-main mt-2">Print the templates</button>
        </form>
        <form class="sheet" method="get" action="{{ route('print.pdf', [$project, 'labels']) }}" target="_blank">
            <h2 class="section-title">Labels</h2>
            <p>One for every piece, with its letter, size and place, to cut apart and clip on.</p>
            @include('partials.print-paper', ['id' => 'labels'])
            <button class="btn-main mt-2">Print the labels</button>
        </form>
        <form class="sheet" method="get" action="{{ route('print.pdf', [$project, 'mock-up']) }}" target="_blank">
            <h2 class="section-title">Mock-up</h2>
            <p>The whole book small, every piece with its scores and the pages it becomes: fold it from plain paper before the good paper is touched.</p>
            @include('partials.print-paper', ['id' => 'mock-up'])
            <label class="mt-2" for="scale">Scale</label>
            <input @class(['form-control', 'w-auto', 'is-invalid' => $errors->has('scale')]) size="6" id="scale" name="scale" value="{{ is_string(old('scale')) ? old('scale') : '1/4' }}" autocomplete="off">
            @error('scale')<p class="field-error">{{ $message }}</p>@enderror
            <button class="btn-main mt-2">Print the mock-up</button>
        </form>
        <form class="sheet" method="get" action="{{ route('print.pdf', [$project, 'page-map']) }}" target="_blank">
            <h2 class="section-title">Page map</h2>
            <p>Every scored piece flat, with the pages it becomes, to lay beside the trimmer.</p>
            @include('partials.print-paper', ['id' => 'page-map'])
            <button class="btn-main mt-2">Print the page map</button>
        </form>
        <form class="sheet" method="get" action="{{ route('print.pdf', [$project, 'openings']) }}" target="_blank">
            <h2 class="section-title">The book before it exists</h2>
            <p>Every opening with the prints that will be there. Each by itself as a picture: @foreach ((new \App\Drawing\SpreadDrawing($plan->layout))->openings() as $opening)<a href="{{ route('opening.png', [$project, $loop->iteration]) }}" title="{{ collect($opening)->map(fn ($face) => lcfirst($face->name))->implode(' and ') }}">{{ collect($opening)->map(fn ($face) => $face->shortName())->implode('–') }}</a>{{ $loop->last ? '.' : ', ' }}@endforeach</p>
            @include('partials.print-paper', ['id' => 'openings'])
            <button class="btn-main mt-2">Print the openings</button>
        </form>
        <section class="sheet">
            <h2 class="section-title">Files</h2>
            <p class="mb-2"><a href="{{ route('export.design', $project) }}">The design</a>, to keep, to share or to bring in elsewhere (JSON)</p>
            <p class="mb-2"><a href="{{ route('export.book', $project) }}">The whole book</a>, with its pictures, papers, ticks and log, to go on with on another machine (zip)</p>
            <p class="mb-2"><a href="{{ route('export.cut-list', $project) }}">The cut list</a>, for a spreadsheet (CSV)</p>
            <p class="mb-2">The cut plan, every cut in its order: <a href="{{ route('export.cut-plan.csv', $project) }}">CSV</a>, or the cut trees as <a href="{{ route('export.cut-plan.json', $project) }}">JSON</a></p>
            <p class="mb-1">Crease patterns, each kind of line on a layer of its own:</p>
            <ul>
                @foreach ($plan->blueprint->parts as $part)
                    @if ($part->creases !== [])<li>{{ $part->letter }}, {{ $part->name }}: @foreach (['fold' => 'FOLD', 'svg' => 'SVG', 'dxf' => 'DXF'] as $type => $label)<a href="{{ route('export.pattern', [$project, $part->letter, $type]) }}" aria-label="{{ $part->letter }}, {{ $part->name }}, as {{ $label }}">{{ $label }}</a>{{ $loop->last ? '' : ', ' }}@endforeach</li>@endif
                @endforeach
            </ul>
            <p class="mb-1">The cut sheets in real units, SVG and DXF:</p>
            <ul>
                @foreach ($plan->stocks as $stock)
                    @foreach ($stock->cuts->patterns as $index => $pattern)
                        <li><a href="{{ route('export.sheet', [$project, $pattern->key, 'svg']) }}">{{ $stock->stock->name }}, pattern {{ $index + 1 }}</a> (<a href="{{ route('export.sheet', [$project, $pattern->key, 'dxf']) }}" aria-label="{{ $stock->stock->name }}, pattern {{ $index + 1 }}, as DXF">DXF</a>), {{ $pattern->count === 1 ? 'one sheet' : "{$pattern->count} sheets" }}</li>
                    @endforeach
                @endforeach
            </ul>
        </section>
    </div>
</x-project>

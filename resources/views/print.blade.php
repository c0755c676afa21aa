<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Print">
    @if ($plan->report->stops())
        <p class="said is-stop">Something still stops the work: {{ $plan->report->findings[0]->text }}</p>
    @endif
    <div class="prints">
        <form class="sheet" method="get" action="{{ route('print.pdf', [$project, 'cut-list']) }}" target="_blank">
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
                    <label class="me-3"><input class="form-check-input" type="checkbox" name="letters[]" value="{{ $part->letter }}" @checked($part->creases !== [] || $part->notches !== [])> {{ $part->letter }} {{ $part->name }}</label>
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
        <section class="sheet">
            <h2 class="section-title">Files</h2>
            <p class="mb-2"><a href="{{ route('export.design', $project) }}">The design</a>, to keep, to share or to bring in elsewhere (JSON)</p>
            <p class="mb-2"><a href="{{ route('export.cut-list', $project) }}">The cut list</a>, for a spreadsheet (CSV)</p>
            <p class="mb-2">The cut plan, every cut in its order: <a href="{{ route('export.cut-plan.csv', $project) }}">CSV</a>, or the cut trees as <a href="{{ route('export.cut-plan.json', $project) }}">JSON</a></p>
            <p class="mb-1">The cut sheets in real units, SVG and DXF:</p>
            <ul>
                @foreach ($plan->stocks as $stockIndex => $stock)
                    @foreach ($stock->cuts->patterns as $index => $pattern)
                        <li><a href="{{ route('export.sheet', [$project, $stockIndex, $index, 'svg']) }}">{{ $stock->stock->name }}, pattern {{ $index + 1 }}</a> (<a href="{{ route('export.sheet', [$project, $stockIndex, $index, 'dxf']) }}" aria-label="{{ $stock->stock->name }}, pattern {{ $index + 1 }}, as DXF">DXF</a>), {{ $pattern->count === 1 ? 'one sheet' : "{$pattern->count} sheets" }}</li>
                    @endforeach
                @endforeach
            </ul>
        </section>
    </div>
</x-project>

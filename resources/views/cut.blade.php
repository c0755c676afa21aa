@php
    $notation = $plan->notation();
    $for = " for {$plan->pieces()} pieces".($project->copies > 1 ? " of {$project->copies} books" : '');
    $lines = \Ephemeron\Format\Svg\LineKind::class;
    $later = new \App\View\Addresses('cut.pattern', $project, \App\View\Addresses::EACH);
    $whole = route('cut', [$project, 'all' => 1]);
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Cut">
    @foreach ($changed as [$sentence, $paper, $roles])
        <div class="said is-stop">
            <p class="mb-1">{{ $sentence }}</p>
            @if ($paper > 0)
                <x-swap-form :project="$project" :action="route('papers.for.take', $project)" stage="cut" class="d-inline-block me-2">@foreach ($roles as $role)<input type="hidden" name="take[{{ $role }}]" value="{{ $paper }}">@endforeach<input type="hidden" name="leftovers" value="1"><button class="btn-plain">Plan with what is there now</button></x-swap-form>
            @endif
            <a href="{{ route('papers.for', $project) }}">Take another paper</a>
        </div>
    @endforeach
    @if ($plan->guests !== [])
        <div class="cut-with" id="cut-with">
            <p class="mb-0">Cut together: <strong>{{ $project->name }}</strong>@foreach ($plan->guests as $guest), <strong>{{ $guest->number }}</strong> <a href="{{ route('bench', $guest->known) }}">{{ $guest->design->name }}</a>@endforeach.</p>
            @if ($project->cutWorks->isEmpty())
                <form method="post" action="{{ route('together.apart', $project) }}">@csrf @method('DELETE')<button class="btn-plain">Cut each by itself</button></form>
            @endif
        </div>
    @endif
    @if ($hand)
        @include('cut.in-hand')
    @else
        <p class="said" role="status">All is cut. <a href="{{ route('score', $project) }}">On to the scores</a></p>
    @endif
    <p class="hold mb-2">{{ \Ephemeron\Blueprint\Caution::Trimmer->text() }}</p>
    <p class="fs-5 mb-1"><x-sheets :plan="$plan" :for="$for"/>. Every cut goes right across the piece in hand; sheets that are alike are cut together at one fence setting.</p>
    @include('cut.trimmer')
    <p class="mb-1">The cut plan as <a href="{{ route('export.cut-plan.csv', $project) }}">CSV</a> or <a href="{{ route('export.cut-plan.json', $project) }}">JSON</a>, with its diagrams as <a href="{{ route('print.pdf', [$project, 'cut-list']) }}">PDF</a></p>
    @if ($project->copies === 1)
        <details class="why-not" id="batch" @if ($errors->hasAny(['copies', 'batch-name'])) open @endif>
            <summary>Make a batch of this book</summary>
            <form class="sieve" method="post" action="{{ route('batches.store', $project) }}">@csrf<x-once/>
                <span class="sieve-by"><label for="copies">How many books</label>
                <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has('copies')]) id="copies" name="copies" value="{{ is_string(old('copies')) ? old('copies') : '' }}" placeholder="10" inputmode="numeric" autocomplete="off"></span>
                @error('copies')<p class="field-error">{{ $message }}</p>@enderror
                <span class="sieve-by"><label for="batch-name">Called</label>
                <input class="form-control" id="batch-name" name="batch-name" value="{{ is_string(old('batch-name')) ? old('batch-name') : '' }}" placeholder="{{ $project->name }} × 10" maxlength="120" autocomplete="off"></span>
                @error('batch-name')<p class="field-error">{{ $message }}</p>@enderror
                <button class="btn-plain">Put it on the shelf</button>
                <span class="quiet">Cut, scored and folded for all of them together, assembled copy by copy.</span>
            </form>
        </details>
    @endif
    <x-legend :kinds="[$lines::Cut, $lines::Outline]"><li>tinted: left over</li><li>numbers: the order of the cuts</li></x-legend>
    @foreach ($plan->stocks as $stockIndex => $stock)
        <section aria-labelledby="stock-{{ $stockIndex }}">
            <div class="stock-title">
                <h2 id="stock-{{ $stockIndex }}">{{ $stock->stock->name }}</h2>
                <span class="quiet">sheets of @size($stock->stock->sheet, $notation)</span>
                <span>
                    {{ $stock->cuts->sheets() }} {{ $stock->cuts->leftovers() > 0 ? 'new ' : '' }}{{ $stock->cuts->sheets() === 1 ? 'sheet' : 'sheets' }}{{ $stock->cuts->leftovers() > 0 ? ' and '.$stock->cuts->leftovers().' '.($stock->cuts->leftovers() === 1 ? 'leftover' : 'leftovers') : '' }}; {{ $stock->cuts->isProved() && $stock->cuts->missing === [] ? ($stock->cuts->sheets() === 0 ? 'nothing new is begun' : 'fewer is impossible') : "at least {$stock->cuts->lowerBound}" }}
                </span>
                @if ($stock->stock->price->mills > 0)<span class="quiet">{{ \App\View\Money::money(new \Ephemeron\Paper\Price($stock->stock->price->mills * $stock->cuts->sheets())) }} in paper</span>@endif
                @if ($stock->tooLong > 0)<span class="quiet">{{ $stock->tooLong === 1 ? 'one cut is' : "{$stock->tooLong} cuts are" }} longer than the blade</span>@endif
                @if ($stock->betweenMarks > 0)<span class="quiet">{{ $stock->betweenMarks === 1 ? 'one fence setting falls' : "{$stock->betweenMarks} fence settings fall" }} between two marks (≈)</span>@endif
                <details class="why-not"><summary>Why not fewer?</summary><p>{{ $stock->whyNotFewer() }}</p></details>
            </div>
            @if (! $stock->cuts->isProved() && $stock->cuts->missing === [] && ! $plan->isBegun($stock))
                @php($searchKey = \App\Planning\KeptPlans::key($stock->demands, $stock->supplies, $trimmer))
                @php($search = $searches[$searchKey] ?? null)
                @if ($search)
                    @include('partials.search', ['search' => $search, 'sheets' => $stock->cuts->sheets()])
                @else
                    <form class="search" method="post" action="{{ route('searches.store', [$project, 'key' => $searchKey]) }}" hx-post="{{ route('searches.store', [$project, 'key' => $searchKey]) }}" hx-trigger="load, submit" hx-swap="outerHTML">@csrf<button class="btn-plain">Look longer for fewer sheets</button></form>
                @endif
            @endif
            @if ($stock->pieces !== [])
                <div class="said is-watch">
                    <p class="mb-1">Cut before the design was changed, or with a piece spoiled since:</p>
                    <ul class="mb-0">@foreach ($becomes->of($stock) as $sentence)<li>@typeset($sentence)</li>@endforeach</ul>
                    @foreach ($laidBy->pieces($stock, $project) as $piece)
                        <form class="mt-1" method="post" action="{{ route('laid-by', $project) }}" hx-post="{{ route('laid-by', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf
                            <input type="hidden" name="sheet" value="{{ $piece->sheet }}"><input type="hidden" name="piece" value="{{ $piece->piece }}">
                            <button class="btn-plain">Put @typeset($becomes->into($piece))</button>
                        </form>
                    @endforeach
                </div>
            @endif
            @foreach ($stock->cuts->missing as $letter => $count)
                <p class="said is-stop">{{ $count }} of {{ $letter }} {{ in_array((string) $letter, $stock->cuts->oversize, true) ? 'does not fit this sheet' : 'left without paper' }}. <a href="{{ route('papers.for', $project) }}">Another paper, or smaller mats</a></p>
            @endforeach
            @foreach ($stock->cuts->patterns as $index => $pattern)
                @if ($atOnce-- > 0 || $pattern->key === request()->query('at'))
                    @include('cut.pattern')
                @else
                    <div class="pattern is-later" id="{{ $pattern->key }}" hx-get="{{ $later->of($pattern->key) }}" hx-trigger="intersect once" hx-swap="outerHTML">
                        <p>{{ $pattern->count === 1 ? 'One sheet' : "{$pattern->count} sheets alike" }}: {{ implode(', ', array_map(static fn ($letter, $count) => "{$count} {$letter}", array_keys($pattern->gives), $pattern->gives)) }}. <a href="{{ $whole }}#{{ $pattern->key }}">Show the whole plan</a></p>
                    </div>
                @endif
            @endforeach
        </section>
    @endforeach
    @include('cut.pins')
</x-project>

<x-page title="Several books at once">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">Several books at once</h1>
            <div class="tools"><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main>
            <p class="fs-5 mb-2">How many of which? Each keeps its own papers; what several of them are cut from is planned together, every fence setting once.</p>
            <form method="get" action="{{ route('together') }}">
                <ul class="how-many">
                    @foreach ($shelf as $book)
                        @php($complaint = $complaints[(string) $book->id] ?? null)
                        <li><label for="books-{{ $book->id }}">{{ $book->name }}</label>
                            <input @class(['form-control', 'is-short', 'is-invalid' => $complaint !== null]) id="books-{{ $book->id }}" name="books[{{ $book->id }}]" value="{{ is_string($asked[$book->id] ?? null) ? $asked[$book->id] : '' }}" inputmode="numeric" autocomplete="off" placeholder="0">
                            @if ($complaint)<p class="field-error">{{ $complaint }}</p>@endif</li>
                    @endforeach
                </ul>
                <button class="btn-main" id="plan-together">Plan them together</button>
            </form>
            @if ($plans !== [])
                <h2 class="section-title mt-3">In evenings</h2>
                <ul class="movements" id="day-plan">@foreach ($evenings as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
                <h2 class="section-title mt-3">What is cut</h2>
                <p class="mb-1" id="spared">{{ $spared === 0 ? 'Cut together they take as many sheets as one by one.' : ($spared === 1 ? 'Cut together they take one sheet fewer than one by one.' : "Cut together they take {$spared} sheets fewer than one by one.") }} @foreach ($plans as $index => [$project, $count])<strong>{{ $index + 1 }}</strong> {{ $project->name }}{{ $count > 1 ? " × {$count}" : '' }}{{ $loop->last ? '.' : ', ' }}@endforeach</p>
                @if (count($plans) > 1)
                    <form method="post" action="{{ route('together.store') }}" class="cut-them">@csrf<x-once/>
                        @foreach ($plans as [$project, $count])<input type="hidden" name="books[{{ $project->id }}]" value="{{ $count }}">@endforeach
                        <button class="btn-main" id="cut-together">Cut them together</button>
                        <span class="quiet">Ticked off sheet by sheet under the first of them. Of which several are wanted, or something is cut already, a batch is put on the shelf.</span>
                    </form>
                @endif
                @php($notation = $all->notation())
                @foreach ($all->stocks as $stock)
                    <section class="cut-together" aria-label="{{ $stock->stock->name }}">
                        <h3>{{ $stock->stock->name }} <span class="quiet">sheets of @size($stock->stock->sheet, $notation); {{ $stock->cuts->sheets() }} {{ $stock->cuts->sheets() === 1 ? 'sheet' : 'sheets' }}</span></h3>
                        @foreach ($stock->cuts->missing as $letter => $missing)<p class="said is-stop">{{ $missing }} of {{ $letter }} left without paper.</p>@endforeach
                        <ul class="sheets-together">
                            @foreach ($stock->cuts->patterns as $pattern)
                                <li>{!! $drawing->draw($pattern, $notation, $stock->stock->name)->inline() !!}
                                    <p class="mb-0">{{ $pattern->count === 1 ? 'One sheet' : "{$pattern->count} sheets alike" }}</p>
                                    <ol class="fences">@foreach ($pattern->steps() as $step)<li>{{ $stock->isByHand() ? 'knife' : ($step->sameFence ? 'same fence' : 'fence') }} @length($step->fence, $notation, false) {{ $step->along === \Ephemeron\Measure\Axis::Width ? '↔' : '↕' }}</li>@endforeach</ol></li>
                            @endforeach
                        </ul>
                    </section>
                @endforeach
                <p class="quiet">Pieces of the second book and of those after it are called by its number and their letter.</p>
            @endif
        </main>
    </div>
</x-page>

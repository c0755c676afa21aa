<x-page title="Shelf">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}">Ephemeron</a>
            <h1 class="title">The shelf</h1>
            <div class="tools"><a class="btn-plain" href="{{ route('papers.index') }}">Paper drawer</a><a class="btn-plain" href="{{ route('together') }}">Several at once</a><a class="btn-plain" href="{{ route('logbook') }}">Logbook</a><a class="btn-plain" href="{{ route('taken-off') }}">Taken off</a>@if (\App\Club\Club::isOpen())<a class="btn-plain" href="{{ route('board') }}">Board</a><a class="btn-plain" href="{{ route('myself') }}">{{ auth()->user()?->name }}</a>@elseif (\App\Club\Tablets::isAtThisMachine(request()))<a class="btn-plain" href="{{ route('tablet') }}">To the tablet</a>@endif<a class="btn-main" href="{{ route('catalogue') }}">Begin a book</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main>
            @if (session('taken-off'))
                <div class="said mt-3" role="status">
                    “{{ session('taken-off')['name'] }}” was taken off the shelf.
                    <form method="post" action="{{ route('projects.restore', session('taken-off')['id']) }}">@csrf<button class="btn-plain">Undo</button></form>
                </div>
            @endif
            @if (session('refused'))<p class="said is-stop mt-3" role="alert">{{ session('refused') }}</p>@endif
            @if (session('said'))
                <p class="said mt-3" role="status">{{ session('said') }}</p>
            @endif
            @if ($errors->rename->any())
                <p class="said is-stop mt-3" role="alert">{{ $errors->rename->first() }} The old name still stands.</p>
            @endif

            @if ($books->isEmpty() && $sought->isForAll())
                <section class="first-steps" aria-label="First steps">
                    <p class="mt-4 fs-5">The shelf is empty. Three ways to begin:</p>
                    <ol>
                        <li><h2 class="section-title">From what you have</h2><p>Say how many photos go in and how many sheets there are. You are shown the books that come out of them.</p><p><a class="btn-main" href="{{ route('adviser') }}">Which book?</a></p></li>
                        <li><h2 class="section-title">A first book, in one evening</h2>
                            @php($first = collect($structures)->first(fn ($structure) => $structure->about()->key === 'meander-book')->about())
                            <p>{{ $first->name }}: @words($first->summary)</p>
                            <p>Score it.<br>Cut it, as it is drawn for you.<br>Fold it up.<br>Glue its covers on.</p>
                            <form method="post" action="{{ route('projects.store') }}">@csrf<x-once/><input type="hidden" name="structure" value="meander-book"><input type="hidden" name="unit" value="in"><input type="hidden" name="name" value="My first book"><button class="btn-main">Begin the meander book</button></form></li>
                        <li><h2 class="section-title">The first paper</h2><p>Put in what lies on the table: a photograph of a sheet, its size, how many. Later books are cut from it.</p><p><a class="btn-main" href="{{ route('papers.index') }}">To the paper drawer</a></p></li>
                    </ol>
                    <p class="quiet">A word you don’t know? <a href="{{ route('words') }}">Words of the trade</a>, each with a drawing.</p>
                </section>
            @endif
            @if ($books->total() > 5 || ! $sought->isForAll())
                <form class="sieve" method="get" action="{{ route('shelf') }}" hx-get="{{ route('shelf') }}" hx-trigger="keyup changed delay:300ms from:#shelf-search, change, submit" hx-target="#books" hx-select="#books" hx-swap="outerHTML" hx-push-url="true">
                    <span class="sieve-by"><label for="shelf-search">Look for</label><input class="form-control" id="shelf-search" name="search" value="{{ $sought->name }}" placeholder="a name" autocomplete="off"></span>
                    <span class="sieve-by"><label for="shelf-order">In order</label><select class="form-select" id="shelf-order" name="order">@foreach (\App\Planning\Shelf::ORDERS as $each => $label)<option value="{{ $each }}" @selected($sought->order === $each)>{{ $label }}</option>@endforeach</select></span>
                    <details class="sieve-more" id="shelf-holds" @if ($sought->asksWhatItHolds()) open @endif><summary>By what it holds</summary>
                    <span class="sieve-by"><label for="shelf-with">With</label><select class="form-select" id="shelf-with" name="with"><option value="">anything on it</option>@foreach ($kinds as $kin => $all)<optgroup label="{{ \Ephemeron\Furniture\Kin::from($kin)->label() }}">@foreach ($all as $kind)<option value="{{ $kind->key() }}" @selected($sought->kind === $kind->key())>{{ lcfirst($kind->name()) }}</option>@endforeach</optgroup>@endforeach</select></span>
                    <span class="sieve-by"><label for="shelf-room">Room for</label><input class="form-control is-short" name="prints" value="{{ $sought->print ? $sought->prints : '' }}" inputmode="numeric" maxlength="4" autocomplete="off" aria-label="How many prints at least"><select class="form-select" id="shelf-room" name="room"><option value="">any prints</option>@foreach (\Ephemeron\Paper\PhotoSize::cases() as $photo)<option value="{{ $photo->value }}" @selected($sought->print === $photo)>of {{ $photo->label() }}</option>@endforeach</select></span>
                    <span class="sieve-by"><label for="shelf-structure">Kind</label><select class="form-select" id="shelf-structure" name="structure"><option value="">any kind of book</option>@foreach ($structures as $structure)<option value="{{ $structure->about()->key }}" @selected($sought->structure === $structure->about()->key)>{{ lcfirst($structure->about()->name) }}</option>@endforeach</select></span>
                    </details>
                    <noscript><button class="btn-plain">Look</button></noscript>
                </form>
            @endif
            <div id="books">
            @if ($books->isEmpty() && ! $sought->isForAll())
                <p class="mt-4 fs-5" id="none-found">{{ $sought->asksWhatItHolds() ? 'No book on the shelf holds that' : 'No book on the shelf is called like “'.$sought->name.'”' }}. <a href="{{ route('shelf') }}">All books</a></p>
            @endif
            <ul class="shelf">
                @foreach ($books as $book)
                    @php([$project, $summary] = [$book->project, $book->summary])
                    <li>
                        @if ($summary)<a class="picture" href="{{ route('plan', $project) }}" tabindex="-1" aria-hidden="true">{!! $summary->drawing !!}</a>@endif
                        <div class="about">
                            @if ($summary)<x-moon :share="$summary->share" :words="$summary->words"/>@endif
                            <div>
                                @if ($summary)
                                    <h2><a href="{{ route($summary->share > 0 ? 'bench' : 'plan', $project) }}">{{ $project->name }}</a></h2>
                                    <p>{{ $summary->structure }}, {{ $summary->pieces }} pieces from <x-sheets :plan="$summary"/>, in {{ $summary->unit }}</p>
                                    @if ($project->copies > 1)<p>A batch of {{ $project->copies }}{{ $names->has($project->batch_of) ? ' of '.$names[$project->batch_of] : '' }}</p>@endif
                                    <p class="quiet">{{ $summary->words }}@if ($summary->stops) · needs a look @endif</p>
                                @else
                                    <h2>{{ $project->name }}</h2>
                                    <p class="missing">{{ $book->isUnderWay ? '' : 'This book cannot be read: ' }}{{ $book->trouble }}</p>
                                    @unless ($book->isUnderWay)<p class="quiet">Undo its last change, or take the file out and bring it in mended.</p>@endunless
                                @endif
                                <div class="actions">
                                    @if ($summary)
                                        <form method="post" action="{{ route('projects.copy', $project) }}">@csrf<x-once/><button aria-label="Copy {{ $project->name }}">Copy</button></form>
                                    @else
                                        @php($event = app(\App\History\History::class)->lastDone($project))
                                        @if ($event)<form method="post" action="{{ route('undo', $project) }}">@csrf<input type="hidden" name="event" value="{{ $event->id }}"><button aria-label="Undo in {{ $project->name }}">Undo: {{ $event->sentence }}</button></form>@endif
                                        <a href="{{ route('export.stored', $project) }}">Take the file out</a>
                                    @endif
                                    <form method="post" action="{{ route('projects.destroy', $project) }}">@csrf @method('DELETE')<button aria-label="Take off {{ $project->name }}">Take off</button></form>
                                    <details>
                                        <summary aria-label="Rename {{ $project->name }}">Rename</summary>
                                        <form class="rename" method="post" action="{{ route('projects.update', $project) }}">
                                            @csrf @method('PATCH')
                                            <input class="form-control" name="name" value="{{ $project->name }}" aria-label="New name">
                                            <button class="btn-plain">Rename</button>
                                        </form>
                                    </details>
                                </div>
                            </div>
                        </div>
                    </li>
                @endforeach
            </ul>
            @if ($books->hasPages())
                <nav class="leafing" aria-label="More books">
                    @if ($books->previousPageUrl())<a class="btn-plain" rel="prev" href="{{ $books->previousPageUrl() }}">← Before</a>@endif
                    <span>{{ $books->firstItem() }} to {{ $books->lastItem() }} of {{ $books->total() }}</span>
                    @if ($books->nextPageUrl())<a class="btn-plain" rel="next" href="{{ $books->nextPageUrl() }}">Further →</a>@endif
                </nav>
            @endif
            </div>

            <section class="newcomers" aria-label="New books">
                <div>
                    <h2 class="section-title">Begin a book</h2>
                    <p>{{ count($structures) }} structures, from one folded sheet to a hard case, each at the size you like.</p>
                    <p class="row-line"><a class="btn-main" href="{{ route('adviser') }}">Which book for what I have?</a> <a class="btn-plain" href="{{ route('catalogue') }}">Choose a structure</a> <a href="{{ route('eighths') }}">Only a sum</a></p>
                    @foreach (['structure', 'unit', 'name'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
                </div>
                <form method="post" action="{{ route('import') }}" enctype="multipart/form-data">
                    @csrf<x-once/>
                    <h2 class="section-title">Bring a book in</h2>
                    <label for="file" class="mb-1">A design in JSON, a whole book with its pictures, as the Print stage gives them out; a pattern page; or a crease pattern in FOLD, or drawn in SVG or DXF on layers called cut, valley, mountain, slit</label>
                    <div class="row-line">
                        <input class="form-control @error('file') is-invalid @enderror" style="max-width:22rem" type="file" id="file" name="file" accept=".json,.fold,.svg,.dxf,.html,.zip,application/json">
                        <button class="btn-plain">Bring in</button>
                    </div>
                    @error('file')<p class="field-error" style="white-space:pre-line">{{ $message }}</p>@enderror
                </form>
            </section>
        </main>
    </div>
</x-page>

<x-page title="Shelf">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}">Ephemeron</a>
            <h1 class="title">The shelf</h1>
            <div class="tools"><a class="btn-plain" href="{{ route('papers.index') }}">Paper drawer</a><a class="btn-plain" href="{{ route('together') }}">Several at once</a><a class="btn-plain" href="{{ route('logbook') }}">Logbook</a><a class="btn-plain" href="{{ route('taken-off') }}">Taken off</a><a class="btn-main" href="{{ route('catalogue') }}">Begin a book</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
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

            @if ($books->isEmpty())
                <p class="mt-4 fs-5">The shelf is empty. Choose a structure and your first book lies on it.</p>
            @endif
            <ul class="shelf">
                @foreach ($books as $book)
                    @php([$project, $plan, $progress] = [$book->project, $book->plan, $book->progress])
                    <li>
                        @if ($plan)<a class="picture" href="{{ route('plan', $project) }}" tabindex="-1" aria-hidden="true">{!! (new \App\Drawing\ShelfDrawing($plan, \App\Drawing\Prints::of($plan)))->draw()->inline() !!}</a>@endif
                        <div class="about">
                            @if ($progress)<x-moon :share="$progress->share()" :words="$progress->words()"/>@endif
                            <div>
                                @if ($plan)
                                    <h2><a href="{{ route($progress->share() > 0 ? 'bench' : 'plan', $project) }}">{{ $project->name }}</a></h2>
                                    <p>{{ $plan->structure->about()->name }}, {{ $plan->pieces() }} pieces from <x-sheets :plan="$plan"/>, in {{ $plan->design->unit->label() }}</p>
                                    @if ($project->copies > 1)<p>A batch of {{ $project->copies }}{{ $names->has($project->batch_of) ? ' of '.$names[$project->batch_of] : '' }}</p>@endif
                                    <p class="quiet">{{ $progress->words() }}@if ($plan->report->stops()) · needs a look @endif</p>
                                @else
                                    <h2>{{ $project->name }}</h2>
                                    <p class="missing">This book cannot be read: {{ $book->trouble }}</p>
                                    <p class="quiet">Undo its last change, or take the file out and bring it in mended.</p>
                                @endif
                                <div class="actions">
                                    @if ($plan)
                                        <form method="post" action="{{ route('projects.copy', $project) }}">@csrf<button aria-label="Copy {{ $project->name }}">Copy</button></form>
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

            <section class="newcomers" aria-label="New books">
                <div>
                    <h2 class="section-title">Begin a book</h2>
                    <p>{{ count($structures) }} structures, from one folded sheet to a hard case, each at the size you like.</p>
                    <a class="btn-main" href="{{ route('catalogue') }}">Choose a structure</a>
                    @foreach (['structure', 'unit', 'name'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
                </div>
                <form method="post" action="{{ route('import') }}" enctype="multipart/form-data">
                    @csrf
                    <h2 class="section-title">Bring in a design file</h2>
                    <label for="file" class="mb-1">A design in JSON, as the Print stage gives it out, or a crease pattern in FOLD</label>
                    <div class="row-line">
                        <input class="form-control @error('file') is-invalid @enderror" style="max-width:22rem" type="file" id="file" name="file" accept=".json,.fold,application/json">
                        <button class="btn-plain">Bring in</button>
                    </div>
                    @error('file')<p class="field-error" style="white-space:pre-line">{{ $message }}</p>@enderror
                    @if (request('refused') === 'too-large')<p class="field-error">That was far too large: a design file is at most 1 MB.</p>@endif
                </form>
            </section>
        </main>
    </div>
</x-page>

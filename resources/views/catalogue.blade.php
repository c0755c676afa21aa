<x-page title="Catalogue">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">What shall it be?</h1>
            <div class="tools"><a class="btn-plain" href="{{ route('own-structure') }}">One of your own</a><a class="btn-plain" href="{{ route('shelf') }}">Back to the shelf</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main>
            @if (session('said'))<p class="said mt-3" role="status">{{ session('said') }}</p>@endif
            <form class="sieve" method="get" action="{{ route('catalogue') }}" hx-get="{{ route('catalogue') }}" hx-trigger="change" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" hx-push-url="true">
                <label for="unit">In</label>
                <select class="form-select" id="unit" name="unit">
                    @foreach (\Ephemeron\Measure\Unit::cases() as $each)
                        <option value="{{ $each->value }}" @selected($unit === $each)>{{ $each->label() }}</option>
                    @endforeach
                </select>
                @foreach (\App\Planning\CatalogueEntry::filters() as $key => $label)
                    <label class="sieve-by"><input class="form-check-input" type="checkbox" name="only[]" value="{{ $key }}" @checked(in_array($key, $wanted, true))> {{ $label }}</label>
                @endforeach
                <noscript><button class="btn-plain">Show these</button></noscript>
                @if ($known === $all)<span class="quiet" role="status">{{ count($entries) === $all ? "all {$all} structures" : count($entries)." of {$all} structures" }}</span>@endif
            </form>
            <x-more :known="$known" :all="$all" of="structures"/>
            @if ($entries === [] && $known === $all)
                <p class="fs-5 mt-4">Nothing is all of that at once. Take one of the marks away.</p>
            @endif
            <ol class="catalogue">
                @foreach ($entries as $entry)
                    <li>
                        <div class="states">
                            @foreach ($entry->drawings as $name => $drawing)
                                <figure>{!! $drawing !!}<figcaption>{{ lcfirst($name) }}</figcaption></figure>
                            @endforeach
                        </div>
                        <div class="entry">
                            <h2>{{ $entry->name }}</h2>
                            <p>@words($entry->summary)</p>
                            <dl>
                                <div><dt>closed</dt><dd>@typeset($entry->closed)</dd></div>
                                <div><dt>sheets</dt><dd>{{ $entry->sheets }}</dd></div>
                                <div><dt>faces</dt><dd>{{ $entry->pages }}</dd></div>
                                @foreach (array_slice($entry->photos, 0, 2, true) as $photo => $count)<div><dt>{{ $photo }}</dt><dd>{{ $count }}</dd></div>@endforeach
                                <div><dt>asks for</dt><dd>{{ $entry->skill }}</dd></div>
                                @if ($entry->closings !== [])<div><dt>closes with</dt><dd>{{ implode(', ', array_slice($entry->closings, 0, 2)) }}</dd></div>@endif
                            </dl>
                            <form class="row-line" method="post" action="{{ route('projects.store') }}">
                                @csrf<x-once/>
                                <input type="hidden" name="structure" value="{{ $entry->key }}"><input type="hidden" name="unit" value="{{ $unit->value }}">
                                <input class="form-control" name="name" maxlength="120" aria-label="Name of the {{ lcfirst($entry->name) }}" placeholder="its name" autocomplete="off">
                                <button class="btn-main" aria-label="Begin a {{ lcfirst($entry->name) }}">Begin</button>
                            </form>
                            @if (str_starts_with($entry->key, \Ephemeron\Structure\OwnStructure::KEY))
                                <form class="row-line of-ones-own" method="post" action="{{ route('own-structure.destroy', $entry->key) }}">@csrf @method('DELETE')
                                    <a href="{{ route('own-structure', ['like' => $entry->key]) }}">Write it anew</a> <a href="{{ route('own-structure.file', $entry->key) }}">As a file</a> <button class="btn-link-like">Take it out</button>
                                </form>
                            @endif
                        </div>
                    </li>
                @endforeach
            </ol>
        </main>
    </div>
</x-page>

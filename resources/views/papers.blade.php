@php($notation = \Ephemeron\Measure\Notation::usual($unit))
<x-page title="Paper drawer">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">The paper drawer</h1>
            <span class="quiet">{{ $papers->total() }} {{ $papers->total() === 1 ? 'paper' : 'papers' }} shown, {{ $sheets }} sheets in all</span>
            <div class="tools"><a class="btn-plain" href="{{ route('papers.own') }}">A paper of your own</a><a class="btn-plain" href="{{ route('papers.makes') }}">What can I make?</a><a class="btn-plain" href="{{ route('supplies.index', ['unit' => $unit->value]) }}">Besides paper</a><a class="btn-plain" href="{{ route('shelf') }}">Back to the shelf</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main>
            @if (session('said'))<p class="said mt-3" role="status">{{ session('said') }}</p>@endif
            @if ($errors->any())<p class="said is-stop mt-3" role="alert">Nothing was changed. {{ $errors->first() }}</p>@endif
            <form class="sieve" method="get" action="{{ route('papers.index') }}" hx-get="{{ route('papers.index') }}" hx-trigger="change, keyup changed delay:300ms from:#search" hx-target="#papers" hx-select="#papers" hx-swap="outerHTML" hx-push-url="true">
                <span class="sieve-by"><label for="search">Look for</label>
                <input class="form-control" id="search" name="search" value="{{ is_string($filters['search'] ?? null) ? $filters['search'] : '' }}" placeholder="name, pad, place, tag" autocomplete="off"></span>
                <span class="sieve-by"><label for="kind">Kind</label>
                <select class="form-select" id="kind" name="kind"><option value="">all</option>@foreach (\App\Models\Paper::KINDS as $key => $label)<option value="{{ $key }}" @selected(($filters['kind'] ?? '') === $key)>{{ $label }}</option>@endforeach</select></span>
                @if ($pads->isNotEmpty())<span class="sieve-by"><label for="pad-filter">Pad</label><select class="form-select" id="pad-filter" name="pad"><option value="">any</option>@foreach ($pads as $pad)<option @selected(($filters['pad'] ?? '') === $pad)>{{ $pad }}</option>@endforeach</select></span>@endif
                <label class="sieve-by"><input class="form-check-input" type="checkbox" name="there" value="yes" @checked(($filters['there'] ?? '') === 'yes')> only what is there</label>
                <span class="sieve-by"><label for="unit">In</label>
                <select class="form-select" id="unit" name="unit">@foreach (\Ephemeron\Measure\Unit::cases() as $each)<option value="{{ $each->value }}" @selected($unit === $each)>{{ $each->label() }}</option>@endforeach</select></span>
                <noscript><button class="btn-plain">Look</button></noscript>
            </form>
            <div class="workplace drawer">
                <div class="drawn" id="papers">
                    @if ($papers->isEmpty())
                        <p class="fs-5">Nothing of that is in the drawer.</p>
                    @else
                        <table class="pieces">
                            <caption class="visually-hidden">Papers, in {{ $unit->label() }}</caption>
                            <thead><tr><th scope="col"><span class="visually-hidden">Colour</span></th><th scope="col">Paper</th><th scope="col" class="of">Sheets</th><th scope="col">Size</th><th scope="col">Weight</th><th scope="col">Where</th></tr></thead>
                            <tbody>
                                @foreach ($papers as $paper)
                                    <tr @class(['is-here' => $chosen?->id === $paper->id])>
                                        <td>@if ($paper->picture)<img class="swatch" src="{{ $paper->pictureAddress(\Ephemeron\Paper\Side::A, 160) }}" alt="" loading="lazy">@else<svg class="swatch" viewBox="0 0 10 10" aria-hidden="true"><rect width="10" height="10" fill="{{ $paper->swatch ?: '#e8e0cc' }}"/>@if ($paper->swatch_b !== '')<path d="M10 0V10H0Z" fill="{{ $paper->swatch_b }}"/>@endif</svg>@endif</td>
                                        <th scope="row"><a href="{{ route('papers.index', [...request()->query(), 'paper' => $paper->id]) }}#chosen">{{ $paper->name }}</a> <span class="quiet">{{ $paper->pad !== '' && $paper->pad !== $paper->name ? $paper->pad : '' }}</span></th>
                                        <td class="of num">{{ $paper->count }}</td>
                                        <td>@size($paper->size(), $notation, false)</td>
                                        <td>{{ $paper->weight }}</td>
                                        <td>{{ $paper->place }}</td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                        <p class="mt-2">@if ($papers->previousPageUrl())<a href="{{ $papers->previousPageUrl() }}">Earlier ones</a> @endif @if ($papers->nextPageUrl())<a href="{{ $papers->nextPageUrl() }}">Later ones</a>@endif</p>
                    @endif
                    <p><a href="{{ route('papers.csv', request()->query()) }}">These as CSV</a></p>
                </div>
                <div class="particulars">
                    @if ($chosen)
                        <details open id="chosen">
                            <summary>{{ $chosen->name }}</summary>
                            @error('corners')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                            @foreach (\Ephemeron\Paper\Side::cases() as $side)
                                @if ($chosen->pictureOf($side))
                                    <img class="paper-picture" loading="lazy" src="{{ $chosen->pictureAddress($side, 320) }}" alt="Side {{ $side->value }} of {{ $chosen->name }}">
                                @endif
                            @endforeach
                            @if ($chosen->lender() !== null)
                                <p class="mt-2" id="lent">{{ $chosen->count }} {{ $chosen->count === 1 ? 'sheet' : 'sheets' }}, lent by {{ $chosen->lender() }}: plan and cut from it; it is changed in its own drawer.</p>
                            @else
                            <form method="post" action="{{ route('papers.update', $chosen) }}">@csrf @method('PATCH')
                                <input type="hidden" name="was" value="{{ is_string(old('was')) ? old('was') : json_encode($chosen->only(\App\Drawer\PaperReader::ATTRIBUTES)) }}">
                                @include('partials.paper-fields', ['id' => 'chosen', 'paper' => $chosen])
                                <button class="btn-main">Keep these</button>
                            </form>
                            <form class="mt-2" method="post" enctype="multipart/form-data" action="{{ route('papers.picture.store', $chosen) }}">@csrf
                                <label for="picture">Picture, PNG, JPEG or SVG</label>
                                <input class="form-control" type="file" id="picture" name="picture" accept="image/png,image/jpeg,image/svg+xml">
                                <label class="sieve-by mt-1"><input class="form-check-input" type="radio" name="side" value="A" checked> side A</label> <label class="sieve-by"><input class="form-check-input" type="radio" name="side" value="B"> side B</label>
                                @error('picture')<p class="field-error">{{ $message }}</p>@enderror
                                <button class="btn-plain mt-1">Take the picture</button>
                            </form>
                            @foreach (\Ephemeron\Paper\Side::cases() as $side)
                                @continue (! $chosen->pictureOf($side))
                                <details class="mt-2 squaring"><summary>Square up side {{ $side->value }}</summary>
                                    <form method="post" action="{{ route('papers.picture.square', $chosen) }}" x-data="squaring">@csrf @method('PUT')
                                        <input type="hidden" name="side" value="{{ $side->value }}">
                                        <p class="field-note">Photographed lying on a table? Lay the four marks on the corners of the sheet; arrow keys move the one in hand.</p>
                                        <div class="to-square" x-ref="photo"><img src="{{ $chosen->pictureAddress($side, 640) }}" alt="" draggable="false" loading="lazy">
                                            <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true"><polygon x-ref="outline" points="0,0 100,0 100,100 0,100"/></svg>
                                            @foreach (['upper left', 'upper right', 'lower right', 'lower left'] as $index => $corner)
                                                <button type="button" class="corner-mark" data-corner="{{ $index }}" aria-label="Corner, {{ $corner }}" @pointerdown="take($event)" @pointermove="drag($event)" @pointerup="letGo($event)" @keydown="nudge($event)"></button>
                                            @endforeach
                                        </div>
                                        <input type="hidden" name="corners" x-ref="corners" value="0 0 1 0 1 1 0 1">
                                        <button class="btn-plain mt-1">Square it up</button>
                                    </form>
                                </details>
                            @endforeach
                            <form class="mt-2" method="post" action="{{ route('papers.destroy', $chosen) }}">@csrf @method('DELETE')<button class="btn-plain">Take it out of the drawer</button></form>
                            <h3 class="put-title">What took and gave</h3>
                            <ul class="movements">@foreach ($chosen->movements as $movement)<li><span class="num">{{ $movement->change > 0 ? '+' : ($movement->change < 0 ? '−' : '') }}{{ abs($movement->change) }}</span> {{ $movement->why }}</li>@endforeach</ul>
                            @endif
                        </details>
                    @endif
                    <details id="add" @if (! $chosen || old('adding')) open @endif>
                        <summary>Put paper into the drawer</summary>
                        <form method="post" action="{{ route('papers.store') }}" enctype="multipart/form-data">@csrf<x-once/>
                            <input type="hidden" name="adding" value="1">
                            @include('partials.paper-fields', ['id' => 'new', 'paper' => null])
                            <div class="field"><label for="new-designs">A pad of so many designs</label><input @class(['form-control', 'is-invalid' => $errors->has('designs')]) id="new-designs" name="designs" value="{{ is_string(old('designs')) ? old('designs') : '' }}" inputmode="numeric" placeholder="one paper">@error('designs')<p class="field-error">{{ $message }}</p>@enderror<p class="field-note">Each with the sheets given above: 18 designs, 2 sheets each.</p></div>
                            <div class="field is-wide"><label for="new-pictures">A photograph of each print</label><input @class(['form-control', 'is-invalid' => $errors->has('pictures')]) type="file" multiple id="new-pictures" name="pictures[]" accept="image/png,image/jpeg,image/svg+xml">@error('pictures')<p class="field-error">{{ $message }}</p>@enderror<p class="field-note">Many at once: each file is a print of the pad, named as the file is; “dusk-b” is side B of “dusk”.</p>
                                <label class="sieve-by"><input class="form-check-input" type="checkbox" name="pairs" value="1" @checked(old('pairs'))> every second one is the side B of the one before</label></div>
                            <button class="btn-main">Put in</button>
                        </form>
                    </details>
                    <details id="kept" @if ($errors->has('narrowest')) open @endif>
                        <summary>Which leftovers are kept</summary>
                        <form method="post" action="{{ route('papers.kept') }}">@csrf @method('PUT')
                            <input type="hidden" name="unit" value="{{ $unit->value }}">
                            <div class="field"><label for="narrowest">At least so broad</label><input @class(['form-control', 'is-invalid' => $errors->has('narrowest')]) id="narrowest" name="narrowest" value="{{ is_string(old('narrowest')) ? old('narrowest') : $notation->bare($narrowest) }}" autocomplete="off">@error('narrowest')<p class="field-error">{{ $message }}</p>@enderror<p class="field-note">In {{ $unit->label() }}, the short side. What a ticked cut leaves comes into the drawer when it is as broad.</p></div>
                            <button class="btn-plain">Keep those</button>
                        </form>
                    </details>
                    <details id="bring">
                        <summary>Bring in a CSV file</summary>
                        <form method="post" action="{{ route('papers.look') }}" enctype="multipart/form-data">@csrf
                            <input type="hidden" name="unit" value="{{ $unit->value }}">
                            <label for="csv">The first line names the columns: {{ implode(', ', \App\Drawer\PaperReader::FIELDS) }}</label>
                            <input class="form-control" type="file" id="csv" name="file" accept=".csv,text/csv">
                            @error('file')<p class="field-error">{{ $message }}</p>@enderror
                            <button class="btn-plain mt-1">Look at it</button>
                        </form>
                    </details>
                </div>
            </div>
        </main>
    </div>
</x-page>

@php
    $notation = $plan->notation();
    $uses = collect($review->uses());
    $useOf = fn ($paper) => $uses->first(fn ($use) => $use->stock->stock->drawer === (string) $paper->id);
    $notes = collect($review->notes())->groupBy('page');
    $seats = collect($review->seats)->groupBy(fn ($seat) => $seat->page->key);
    $said = $plan->design->choices->said;
    $thumb = fn ($paper, $side) => $pictures->side((string) $paper->id, $side)?->address;
    $sides = \Ephemeron\Paper\Side::cases();
    $onFaces = collect($review->seats)->map(fn ($seat) => $seat->part->key)->unique()->flip();
    $besides = collect($plan->blueprint->parts)->filter(fn ($part, $key) => $part->role->takesAPrint() && ! isset($onFaces[$key]) && $part->leaf === null && ! str_starts_with($key, 'card/'));
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Paper">
    @if (session('changed'))<p class="said" role="status">Changed: {{ session('changed') }}</p>@endif
    @error('paper')<p class="said is-stop" role="alert">{{ $message }}</p>@enderror
    @if ($search)
        <div class="said" role="status" id="laying" hx-get="{{ route('paper', [$project, 'pad' => $pad]) }}" hx-trigger="load delay:1s" hx-select="#stage" hx-target="#stage" hx-swap="outerHTML">The pads are being laid out: <progress max="100" value="{{ $search->share }}">{{ $search->share }} %</progress>
            <x-swap-form :project="$project" method="DELETE" :action="route('paper.propose.call-off', $project)" class="d-inline-block"><button class="btn-plain" id="call-off">Call it off</button></x-swap-form> <noscript>Come back in a moment.</noscript></div>
    @endif
    @if (is_array($laid))
        <div class="said" role="status" id="laid"><p class="mb-0">{{ $laid[0] }}{{ count($laid) > 1 ? ' Not kept:' : ' Every wish is kept.' }}</p>
            @if (count($laid) > 1)<ul class="mb-0">@foreach (array_slice($laid, 1, 12) as $sentence)<li>{{ $sentence }}</li>@endforeach @if (count($laid) > 13)<li>and {{ count($laid) - 13 }} more of the kind</li>@endif</ul>@endif</div>
    @endif
    @if ($gone !== [])<p class="said is-watch" role="status">Not in the drawer any more: {{ implode(', ', $gone) }}. The plan goes on as if it were there; choose another print where you want one.</p>@endif
    <form class="sieve" method="get" action="{{ route('paper', $project) }}" hx-get="{{ route('paper', $project) }}" hx-trigger="change" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" hx-push-url="true">
        <span class="sieve-by"><label for="pad">Pad</label><select class="form-select" id="pad" name="pad">@foreach ($pads as $each)<option value="{{ $each }}" @selected($each === $pad)>{{ $each === '' ? 'without a pad' : $each }}</option>@endforeach</select></span>
        <noscript><button class="btn-plain">Show it</button></noscript>
        <a href="{{ route('papers.for', $project) }}">A paper for each role</a>
        <a href="{{ route('keepsakes', $project) }}">What goes in</a>
    </form>
    @if ($pads !== [])
    <x-swap-form :project="$project" :action="route('paper.propose', $project)" stage="paper" class="laying-out">
        <input type="hidden" name="pad" value="{{ $pad }}">
        <button class="btn-main" id="lay-out">Lay out {{ $pad === '' ? 'these prints' : "the {$pad}" }}</button>
        <span class="quiet">What you chose by hand stays.</span>
        <details id="wishes" @if ($errors->hasAny(['pads', 'wish.*'])) open @endif><summary>Pads and wishes</summary>
            <fieldset><legend>From</legend>@foreach ($pads as $each)<label class="sieve-by"><input class="form-check-input" type="checkbox" name="pads[]" value="{{ $each }}" @checked(in_array($each, (array) old('pads', [$pad]), true))> {{ $each === '' ? 'without a pad' : $each }}</label> @endforeach @error('pads')<p class="field-error">{{ $message }}</p>@enderror</fieldset>
            <fieldset class="worths"><legend>What each wish is worth, 0 to {{ \Ephemeron\Papering\Weights::MOST }}</legend>
                @foreach (\Ephemeron\Papering\Wish::cases() as $wish)
                    @php($place = "wish.{$wish->value}")
                    <div class="field"><label for="wish-{{ $wish->value }}">{{ ucfirst($wish->label()) }}</label><input @class(['form-control', 'is-invalid' => $errors->has($place)]) id="wish-{{ $wish->value }}" name="wish[{{ $wish->value }}]" value="{{ is_scalar(old($place, $wish->usual())) ? old($place, $wish->usual()) : $wish->usual() }}" inputmode="numeric" autocomplete="off">@error($place)<p class="field-error">{{ $message }}</p>@enderror</div>
                @endforeach
            </fieldset>
        </details>
    </x-swap-form>
    @endif
    @if ($prints->isEmpty())
        <p class="said">There is no printed paper in the drawer. <a href="{{ route('papers.index') }}">Lay a pad in</a>, with a photograph of each print, and come back.</p>
    @endif
    <x-swap-form :project="$project" :action="route('paper.choose', $project)" stage="paper" class="papering" x-data="papering">
        <input type="hidden" name="pad" value="{{ $pad }}">
        <fieldset class="prints">
            <legend class="section-title">Prints</legend>
            <div class="print-tiles">
                @foreach ($prints as $paper)
                    @php($use = $useOf($paper))
                    <label @class(['print-tile', 'runs-out' => $use?->runsOut()]) draggable="true" @dragstart="take($event)">
                        <input type="radio" name="paper" value="{{ $paper->id }}" @checked($inHand?->is($paper))>
                        @foreach ($sides as $side)
                            @if ($side === \Ephemeron\Paper\Side::A || $paper->sides === 'double')
                                <span class="side-of" style="background-color:{{ $paper->swatchOf($side) ?: '#e6e2d6' }}">@if ($thumb($paper, $side))<img src="{{ $thumb($paper, $side) }}" alt="" loading="lazy" draggable="false">@endif</span>
                            @endif
                        @endforeach
                        <span class="print-name">{{ $paper->name }}@if ($paper->direction !== 'none')<b title="It has a right way up" aria-label="has a right way up">↑</b>@endif</span>
                        @if ($paper->set_aside !== '')<small class="set-aside">{{ $paper->set_aside_count === 0 ? 'all' : $paper->set_aside_count }} {{ \App\Drawer\SetAside::tryFrom($paper->set_aside)?->label() }}</small>@endif
                        <small class="quiet">{{ $use ? $use->sheets().' of '.($use->stock->stock->available ?? '∞').' begun' : ($paper->count === 1 ? '1 sheet' : "{$paper->count} sheets") }}</small>
                    </label>
                @endforeach
            </div>
            <p class="aside-buttons"><span class="quiet">The print in hand: set aside</span>
                @foreach (\App\Drawer\SetAside::cases() as $mark)<button class="btn-plain" id="aside-{{ $mark->value }}" name="aside" value="{{ $mark->value }}">{{ $mark->label() }}</button> @endforeach
                <button class="btn-plain" id="aside-none" name="aside" value="none">not at all</button></p>
            <p class="aside-buttons"><button class="btn-plain" id="lay-on-the-rest" name="place" value="book">Lay it on all that nothing was chosen for</button> @if (isset($said['book']))<button class="btn-plain" id="clear-the-rest" name="clear" value="book">as usual again</button>@endif</p>
            @foreach ($uses->filter(fn ($use) => $use->runsOut()) as $use)
                <p class="said is-stop">{{ $use->sentence() }} <a href="{{ route('papers.for', $project) }}">Ways out</a></p>
            @endforeach
        </fieldset>
        <div class="book-row">
            <h2 class="section-title">The book <span class="quiet">choose a print, press a face; again: its other side</span></h2>
            <ol class="papered">
                @foreach ($spreads->openings() as $opening)
                    <li>
                        <div class="pages">
                            @foreach ($opening as $page)
                                @php($here = $seats[$page->key] ?? collect())
                                @php($first = $here->first(fn ($seat) => $seat->face->key === $page->key && in_array($seat->kind, [\Ephemeron\Papering\SeatKind::Mat, \Ephemeron\Papering\SeatKind::Sheet], true)))
                                <div class="papered-page">
                                    @if ($first)
                                        <button class="face-button" id="face-{{ $page->key }}" name="place" value="{{ $first->place }}" aria-label="{{ $page->name }}, now {{ $review->stockOf($first)->stock->name }}" @dragover.prevent @drop.prevent="lay($event)">{!! $spreads->page($page)->inline() !!}</button>
                                    @else
                                        <span class="face-button">{!! $spreads->page($page)->inline() !!}</span>
                                    @endif
                                    <p class="page-name"><strong>{{ $page->shortName() }}</strong> @if ($first){{ $review->stockOf($first)->stock->name }}@else<span class="quiet">card</span>@endif
                                        @if ($first)
                                            <button class="btn-plain" id="turn-{{ $page->key }}" name="turn" value="{{ $first->place }}" aria-label="{{ $page->name }}: turn the print by a quarter">↻</button>
                                            <a class="btn-plain" id="motif-{{ $page->key }}" href="{{ route('motif', [$project, 'place' => $first->place]) }}" aria-label="{{ $page->name }}: move the motif" title="Move the motif">✥</a>
                                            @if (isset($said[$first->place]))<button class="btn-plain" id="clear-{{ $page->key }}" name="clear" value="{{ $first->place }}" aria-label="{{ $page->name }}: as usual again">✕</button>@endif
                                        @endif</p>
                                    @php($more = $here->filter(fn ($seat) => $seat !== $first))
                                    @if ($more->isNotEmpty())
                                        <details class="more-seats" @if ($more->contains(fn ($seat) => isset($said[$seat->place]) && ! $said[$seat->place]->isProposed)) open @endif><summary>{{ $more->count() }} more</summary>
                                            @foreach ($more as $seat)
                                                <span class="seat"><button class="btn-plain" id="seat-{{ Str::slug($seat->place) }}-{{ $loop->index }}" name="place" value="{{ $seat->place }}" @dragover.prevent @drop.prevent="lay($event)">{{ $seat->name() }}@if ($seat->face->key !== $page->key && $seat->kind !== \Ephemeron\Papering\SeatKind::Piece), {{ lcfirst(trim(explode(',', $seat->face->name, 2)[1] ?? '')) }}@endif</button> <small class="quiet">{{ $review->stockOf($seat)->stock->name }}</small>@if (isset($said[$seat->place])) <button class="btn-plain" id="clear-{{ Str::slug($seat->place) }}-{{ $loop->index }}" name="clear" value="{{ $seat->place }}" aria-label="{{ $seat->name() }}: as usual again">✕</button>@endif</span>
                                            @endforeach
                                        </details>
                                    @endif
                                    @foreach ($notes[$page->key] ?? [] as $note)<p class="note-on note-{{ $note->kind }}">{{ $note->sentence }}</p>@endforeach
                                </div>
                            @endforeach
                        </div>
                        @php($tops = collect($opening)->map(fn ($page) => ($seats[$page->key] ?? collect())->first(fn ($seat) => $seat->face->key === $page->key && in_array($seat->kind, [\Ephemeron\Papering\SeatKind::Mat, \Ephemeron\Papering\SeatKind::Sheet], true))?->place)->filter()->unique())
                        @if ($tops->count() > 1)<button class="btn-plain" id="opening-{{ $loop->index }}" name="place" value="{{ $tops->implode(' ') }}">both pages</button>@endif
                    </li>
                @endforeach
            </ol>
            @if ($besides->isNotEmpty())
                <details class="more-seats" id="besides" @if ($besides->contains(fn ($part) => isset($said[$part->key]))) open @endif><summary>{{ $besides->count() }} more pieces that are seen on no page: spine, hinge, lining</summary>
                    @foreach ($besides as $part)
                        <span class="seat"><button class="btn-plain" id="besides-{{ Str::slug($part->key) }}" name="place" value="{{ $part->key }}" @dragover.prevent @drop.prevent="lay($event)">{{ $part->letter }}, {{ $part->called() }}</button> <small class="quiet">{{ $plan->papersOf($part->key) }}</small>@if (isset($said[$part->key])) <button class="btn-plain" id="clear-besides-{{ Str::slug($part->key) }}" name="clear" value="{{ $part->key }}" aria-label="{{ $part->name }}: as usual again">✕</button>@endif</span>
                    @endforeach
                </details>
            @endif
        </div>
    </x-swap-form>
    @if ($besides->isNotEmpty())
        <details class="more-seats"><summary>One picture over several of them</summary>
            <x-change-form :project="$project" stage="paper">
                @foreach ($besides as $part)
                    @include('partials.said', ['id' => 'one-picture-'.Str::slug($part->key), 'place' => "choices.{$part->key}.picture", 'value' => $said[$part->key]->picture->name ?? '', 'label' => "{$part->letter}, ".$part->called(), 'placeholder' => 'of no other', 'most' => 40, 'note' => '', 'wide' => true])
                @endforeach
                <p class="field-note">Pieces and mats with the same name here are cut as neighbours from one place of the sheet; those of faces have it on Plan.</p>
            </x-change-form>
        </details>
    @endif
</x-project>

@php
    $is = fn (string $field): string => is_scalar($value = old($field, request($field))) ? (string) $value : '';
    $chosen = fn (string $field, string $value): bool => $is($field) === $value;
    $without = array_filter((array) old('without', request('without', [])), is_string(...));
    $asked = [...$said, 'order' => $order];
    $from = $is('from') === '' ? 'bought' : $is('from');
@endphp
<x-page title="Which book?">
    <div class="page" id="stage" data-unit="{{ $unit->value }}">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">Which book?</h1>
            <div class="tools"><a class="btn-plain" href="{{ route('catalogue') }}">All structures</a><a class="btn-plain" href="{{ route('papers.makes') }}">What can I make?</a><a class="btn-plain" href="{{ route('eighths') }}">Eighths</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main>
            <form class="asking" id="asking" method="get" action="{{ route('adviser') }}">
                <p class="quiet mb-2">Say what you know and leave out the rest. Every book below is laid out, cut, folded and filled for it before it is shown.</p>
                <fieldset>
                    <legend>What goes in?</legend>
                    <span class="asked"><label for="photos">Prints</label> <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has('photos')]) id="photos" name="photos" inputmode="numeric" autocomplete="off" value="{{ $is('photos') }}"></span>
                    <span class="asked"><label for="photo">of</label> <select class="form-select" id="photo" name="photo">@foreach ([...\Ephemeron\Paper\PhotoSize::usualFor($unit), ...\Ephemeron\Paper\PhotoSize::usualFor($unit->other())] as $photo)<option value="{{ $photo->value }}" @selected($chosen('photo', $photo->value))>{{ $photo->label() }}</option>@endforeach</select></span>
                    <span class="asked"><label for="way">seen</label> <select class="form-select" id="way" name="way"><option value="">either way</option><option value="standing" @selected($chosen('way', 'standing'))>standing</option><option value="lying" @selected($chosen('way', 'lying'))>lying</option></select></span>
                    <span class="asked"><label for="cards">and cards in pockets</label> <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has('cards')]) id="cards" name="cards" inputmode="numeric" autocomplete="off" value="{{ $is('cards') }}"></span>
                    @foreach (['photos', 'photo', 'cards'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
                </fieldset>
                <fieldset>
                    <legend>From what?</legend>
                    <label class="asked"><input class="form-check-input" type="radio" name="from" value="bought" @checked($from === 'bought')> papers still to be bought</label>
                    <span class="asked"><label><input class="form-check-input" type="radio" name="from" value="sheets" id="from-sheets" @checked($from === 'sheets')> only</label> <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has('count')]) name="count" aria-label="How many sheets, nothing: as many as it takes" inputmode="numeric" autocomplete="off" value="{{ $is('count') }}" placeholder="any"> <label for="sheet">sheets of</label> <select class="form-select" id="sheet" name="sheet">@foreach (\Ephemeron\Paper\SheetFormat::cases() as $format)<option value="{{ $format->value }}" @selected($is('sheet') === '' ? $format === ($unit === \Ephemeron\Measure\Unit::Inch ? \Ephemeron\Paper\SheetFormat::TwelveSquare : \Ephemeron\Paper\SheetFormat::ThirtySquare) : $chosen('sheet', $format->value))>{{ $format->label() }}</option>@endforeach</select></span>
                    <span class="asked"><label><input class="form-check-input" type="radio" name="from" value="drawer" @checked($from === 'drawer')> what lies in the drawer,</label> <label for="pad">patterns from</label> <select class="form-select" id="pad" name="pad"><option value="">all of it</option>@foreach ($pads as $each)<option @selected($chosen('pad', $each))>{{ $each }}</option>@endforeach</select></span>
                    @foreach (['from', 'count', 'sheet', 'pad'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
                </fieldset>
                <details class="more-asked" @if ($errors->hasAny(['width', 'height', 'thick', 'hours', 'copies', 'skill', 'shutting']) || array_filter(Arr::only($said, ['width', 'height', 'thick', 'shutting', 'skill', 'hours', 'copies', 'without']))) open @endif>
                    <summary>Where it goes, how it closes, what it asks of you</summary>
                    <fieldset>
                        <legend>What must it go into?</legend>
                        @foreach (['width' => 'An envelope or a shelf, width', 'height' => 'height', 'thick' => 'no thicker than'] as $field => $label)
                            <span class="asked"><label for="{{ $field }}">{{ $label }}</label> <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has($field)]) id="{{ $field }}" name="{{ $field }}" autocomplete="off" data-length value="{{ $is($field) }}"> <span class="quiet">{{ $unit->value }}</span></span>
                        @endforeach
                        @foreach (['width', 'height', 'thick'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
                    </fieldset>
                    <fieldset>
                        <legend>How shall it be?</legend>
                        <span class="asked"><label for="shutting">Kept shut</label> <select class="form-select" id="shutting" name="shutting"><option value="">as it comes</option>@foreach (\Ephemeron\Advice\Shutting::cases() as $each)<option value="{{ $each->value }}" @selected($chosen('shutting', $each->value))>{{ $each->label() }}</option>@endforeach</select></span>
                        <span class="asked"><label for="skill">asks at most for</label> <select class="form-select" id="skill" name="skill"><option value="">anything</option>@foreach (\Ephemeron\Structure\Skill::cases() as $each)<option value="{{ $each->value }}" @selected($chosen('skill', $each->value))>{{ $each->label() }}</option>@endforeach</select></span>
                        <span class="asked"><label for="hours">done in, hours</label> <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has('hours')]) id="hours" name="hours" inputmode="decimal" autocomplete="off" value="{{ $is('hours') }}"></span>
                        <span class="asked"><label for="copies">copies, for so many people</label> <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has('copies')]) id="copies" name="copies" inputmode="numeric" autocomplete="off" value="{{ $is('copies') }}"></span>
                        <label class="asked"><input class="form-check-input" type="checkbox" name="without[]" value="needle" @checked(in_array('needle', $without, true))> without a needle</label>
                        <label class="asked"><input class="form-check-input" type="checkbox" name="without[]" value="coil" @checked(in_array('coil', $without, true))> without a tool for coils</label>
                        @foreach (['shutting', 'skill', 'hours', 'copies'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
                    </fieldset>
                </details>
                <p class="row-line mt-2"><button class="btn-main" name="ask" value="1">Which books?</button>
                    <span class="asked"><label for="unit">In</label> <select class="form-select" id="unit" name="unit">@foreach (\Ephemeron\Measure\Unit::cases() as $each)<option value="{{ $each->value }}" @selected($unit === $each)>{{ $each->label() }}</option>@endforeach</select></span>
                    @if ($isAsked)<span class="asked"><label for="order">first</label> <select class="form-select" id="order" name="order">@foreach (['' => 'what keeps most, from least paper', 'time' => 'what is quickest', 'thick' => 'what is thinnest', 'photos' => 'what holds most prints'] as $value => $label)<option value="{{ $value }}" @selected($order === $value)>{{ $label }}</option>@endforeach</select></span>@endif</p>
                @error('beside')<p class="field-error">{{ $message }}</p>@enderror
            </form>
            @if ($isAsked)
                <x-more :known="count($books)" :all="$all" of="books"/>
                @php($full = count(array_filter($books, fn ($book) => $book->lacks === [])))
                @if (count($books) === $all)<p class="fs-5 mt-2" role="status">{{ $full === 0 ? 'No book keeps all of that. These come nearest.' : ($full === 1 ? 'One book keeps all of that.' : "{$full} books keep all of that.") }}</p>@endif
                @php($pairs = collect($books)->whereIn('key', $beside)->values())
                @if ($pairs->isNotEmpty())
                    <section aria-label="Side by side" class="side-by-side">
                        <h2 class="section-title">Side by side, to one scale</h2>
                        {{-- ISO 216: A6 is 105 × 148 mm. --}}
                        @php($breadth = $pairs->sum('wide') + 148)
                        <div class="to-scale">
                            @foreach ($pairs as $book)
                                <figure style="width:{{ round(96 * $book->wide / $breadth, 2) }}%">{!! collect($book->drawings)->first() !!}<figcaption>{{ $book->name }}: @typeset($book->closed), {{ $book->sheets }} {{ $book->sheets === 1 ? 'sheet' : 'sheets' }}, {{ \App\View\Duration::text($book->seconds) }} <a href="{{ route('adviser', [...$asked, 'beside' => array_values(array_diff($beside, [$book->key]))]) }}" aria-label="Take {{ lcfirst($book->name) }} away">take away</a></figcaption></figure>
                            @endforeach
                            <figure style="width:{{ round(96 * 148 / $breadth, 2) }}%"><svg class="drawing" viewBox="0 0 148 105" role="img" aria-label="A postcard, A6"><rect x="0.5" y="0.5" width="147" height="104" rx="2" fill="none" stroke="#20264d" stroke-dasharray="3 2"/><text x="74" y="57" font-size="9" text-anchor="middle">a postcard, A6</text></svg><figcaption>14.8 × 10.5 cm, about a hand</figcaption></figure>
                        </div>
                    </section>
                @endif
                <ol class="catalogue advised">
                    @php($before = null)
                    @foreach ($books as $book)
                        <li @class(['is-short-of' => $book->lacks !== []])>
                            <div class="states">@foreach ($book->drawings as $name => $drawing)<figure>{!! $drawing !!}<figcaption>{{ lcfirst($name) }}</figcaption></figure>@endforeach</div>
                            <div class="entry">
                                <h2>{{ $book->name }}</h2>
                                <p>@if ($order === '')<strong>{{ $book->why($before) }}</strong>@endif @foreach ($book->lacks as $sentence)<span class="lack">@typeset($sentence)</span> @endforeach</p>
                                <dl>
                                    <div><dt>sheets{{ $book->isProved ? ', no fewer do' : '' }}</dt><dd>{{ $book->sheets }}</dd></div>
                                    @if ($book->photos > 0)<div><dt>prints</dt><dd>{{ $book->photos }}</dd></div>@endif
                                    <div><dt>closed</dt><dd>@typeset($book->closed)</dd></div>
                                    <div><dt>thick, filled</dt><dd>@typeset($book->thick)</dd></div>
                                    <div><dt>time, about</dt><dd>{{ \App\View\Duration::text($book->seconds) }}</dd></div>
                                    <div><dt>of it left over</dt><dd>{{ $book->left }} %</dd></div>
                                    @if ($book->price->mills > 0)<div><dt>paper</dt><dd>{{ \App\View\Money::money($book->price) }}</dd></div>@endif
                                    <div><dt>asks for</dt><dd>{{ $book->skill }}</dd></div>
                                    @if ($book->closings !== '')<div><dt>closes with</dt><dd>{{ $book->closings }}</dd></div>@endif
                                </dl>
                                @if ($book->wants !== [])<p class="quiet">Besides: @typeset(implode('; ', $book->wants)).</p>@endif
                                <form method="post" action="{{ route('adviser.begin') }}" class="row-line">
                                    @csrf<x-once/>
                                    <input type="hidden" name="structure" value="{{ $book->key }}">
                                    @foreach ($said as $field => $value)@foreach ((array) $value as $each)@if (is_scalar($each))<input type="hidden" name="{{ $field }}{{ is_array($value) ? '[]' : '' }}" value="{{ $each }}">@endif @endforeach @endforeach
                                    <input @class(['form-control', 'is-invalid' => $errors->has('name') && old('structure') === $book->key]) name="name" aria-label="Name of the {{ lcfirst($book->name) }}" placeholder="its name" maxlength="120" value="{{ old('structure') === $book->key && is_string(old('name')) ? old('name') : '' }}" autocomplete="off">
                                    <button class="btn-main" aria-label="Begin the {{ lcfirst($book->name) }}">Begin</button>
                                    @if (! in_array($book->key, $beside, true) && count($beside) < 3)<a href="{{ route('adviser', [...$asked, 'beside' => [...$beside, $book->key]]) }}" aria-label="Set the {{ lcfirst($book->name) }} beside others">set beside</a>@endif
                                    @if ($errors->has('name') && old('structure') === $book->key)<p class="field-error">{{ $errors->first('name') }}</p>@endif
                                </form>
                            </div>
                        </li>
                        @php($before = $book)
                    @endforeach
                </ol>
            @endif
        </main>
    </div>
</x-page>

@php
    $notation = $plan->notation();
    $unit = $plan->design->unit;
    $photos = [...\Ephemeron\Paper\PhotoSize::usualFor($unit), ...\Ephemeron\Paper\PhotoSize::usualFor($unit->other())];
    $open = collect($settled)->filter(fn ($one) => $one->home === null)->count();
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Plan" back="keepsakes">
    @if (session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
    @if (session('changed') && ! session('said'))<p class="said" role="status">Changed: {{ session('changed') }}</p>@endif
    <h2 class="section-title">What goes in <span class="quiet">photos, cards, envelopes · <a href="{{ route('plan', $project) }}">back to the plan</a></span></h2>
    <div class="workplace goes-in">
        <div class="drawn">
            @if ($settled === [])
                <p class="fs-5">Nothing is meant for this book yet. It has {{ count($homes) }} places: say beside what is to go in, and see where it fits, what must be trimmed and which prints to order.</p>
            @else
                <x-swap-form :project="$project" :action="route('keepsakes.propose', $project)" class="laying-out"><button class="btn-main" id="settle">Find a place for {{ $open === 0 ? 'all' : "the {$open} without" }}</button> <span class="quiet">What you placed by hand stays.</span></x-swap-form>
                <ul class="keepsakes">
                    @foreach ($settled as $key => $one)
                        @php($at = "keepsakes.{$key}")
                        @php($wrong = $errors->hasAny(["{$at}.name", "{$at}.width", "{$at}.height", "{$at}.home", "picture-{$key}"]))
                        <li id="keepsake-{{ $key }}">
                            <span class="keepsake-frame" style="aspect-ratio: {{ $one->keepsake->size->width->ticks }} / {{ $one->keepsake->size->height->ticks }}">@if (in_array($key, $pictures, true))<img src="{{ route('keepsakes.picture', [$project, $key]) }}" alt="" loading="lazy">@endif</span>
                            <div class="keepsake">
                                <p class="mb-0"><strong>{{ $one->keepsake->name }}</strong> <span class="quiet">{{ $one->keepsake->kind->label() }}, @size($one->keepsake->size, $notation){{ $one->keepsake->isSquare() ? '' : ($one->keepsake->lies() ? ', lying' : ', standing') }}</span></p>
                                <x-change-form :project="$project" stage="keepsakes">
                                    <label class="sieve-by" for="home-{{ $key }}">goes to</label>
                                    <select class="form-select" id="home-{{ $key }}" name="set[{{ $at }}.home]">
                                        <option value="">nowhere yet</option>
                                        @if ($one->keepsake->home && ! $one->home)<option value="{{ $one->keepsake->home }}" selected>{{ $one->keepsake->home }}, gone</option>@endif
                                        @foreach ($homes as $home)
                                            @php($fitting = $home->takes($one->keepsake))
                                            @if ($fitting || $home->key === $one->keepsake->home)<option value="{{ $home->key }}" @selected($home->key === $one->keepsake->home)>{{ $home->name }}{{ $fitting?->trimmed ? ', trimmed' : '' }}{{ $fitting?->onItsSide ? ', on its side' : '' }}</option>@endif
                                        @endforeach
                                    </select>
                                    <input type="hidden" name="set[{{ $at }}.proposed]" value="false">
                                </x-change-form>
                                @if ($one->trim($notation) !== '')<p class="note-on"><strong>{{ ucfirst($one->trim($notation)) }}</strong></p>@endif
                                @foreach ($one->notes as $note)<p class="note-on note-fallen">{{ $note }}</p>@endforeach
                                <details @if ($wrong) open @endif><summary class="quiet">change it</summary>
                                    <x-change-form :project="$project" stage="keepsakes">
                                        @include('partials.said', ['id' => "name-{$key}", 'place' => "{$at}.name", 'value' => $one->keepsake->name, 'label' => 'Name', 'most' => 80])
                                        @if ($one->keepsake->paper === null)
                                            @include('partials.said', ['id' => "width-{$key}", 'place' => "{$at}.width", 'value' => $notation->bare($one->keepsake->size->width), 'label' => 'Width', 'most' => 30])
                                            @include('partials.said', ['id' => "height-{$key}", 'place' => "{$at}.height", 'value' => $notation->bare($one->keepsake->size->height), 'label' => 'Height', 'most' => 30])
                                        @endif
                                    </x-change-form>
                                    <form method="post" action="{{ route('keepsakes.picture.take', [$project, $key]) }}" enctype="multipart/form-data">@csrf
                                        <label for="picture-{{ $key }}">Its picture</label> <input class="form-control" type="file" id="picture-{{ $key }}" name="picture" accept="image/png,image/jpeg,image/svg+xml">
                                        @error("picture-{$key}")<p class="field-error">{{ $message }}</p>@enderror
                                        <button class="btn-plain mt-1">Take the picture</button>
                                    </form>
                                    <x-swap-form :project="$project" method="DELETE" :action="route('keepsakes.take-out', [$project, $key])" class="mt-1"><button class="btn-plain" aria-label="Strike it from the list: {{ $one->keepsake->name }}">Strike it from the list</button></x-swap-form>
                                </details>
                            </div>
                        </li>
                    @endforeach
                </ul>
            @endif
        </div>
        <div class="particulars">
            @if ($order !== [])
                <h3 class="put-title">To order</h3>
                <ul class="movements" id="print-order">@foreach ($order as $label => $count)<li><span class="num">{{ $count }}</span> {{ $label }}</li>@endforeach</ul>
                @php($trims = collect($settled)->filter(fn ($one) => $one->trim($notation) !== ''))
                @if ($trims->isNotEmpty())<p class="field-note">To be trimmed: {{ $trims->map(fn ($one) => $one->keepsake->name)->implode(', ') }}.</p>@endif
            @endif
            <details open id="add-keepsakes">
                <summary>Put on the list</summary>
                <x-swap-form :project="$project" :action="route('keepsakes.add', $project)">
                    <div class="field"><label for="k-name">Name</label><input @class(['form-control', 'is-invalid' => $errors->has('name')]) id="k-name" name="name" value="{{ is_string(old('name')) ? old('name') : '' }}" placeholder="Perseids" autocomplete="off">@error('name')<p class="field-error">{{ $message }}</p>@enderror</div>
                    <div class="field"><label for="k-kind">It is</label><select class="form-select" id="k-kind" name="kind">@foreach (\Ephemeron\Filling\KeepsakeKind::cases() as $kind)<option value="{{ $kind->value }}" @selected(old('kind') === $kind->value)>{{ $kind === \Ephemeron\Filling\KeepsakeKind::Envelope ? 'an' : 'a' }} {{ $kind->label() }}</option>@endforeach</select>@error('kind')<p class="field-error">{{ $message }}</p>@enderror</div>
                    <div class="field"><label for="k-size">Size</label><select class="form-select" id="k-size" name="size">@foreach ($photos as $photo)<option value="{{ $photo->value }}" @selected(old('size') === $photo->value)>{{ $photo->label() }}</option>@endforeach<option value="own" @selected(old('size') === 'own')>my own</option></select>@error('size')<p class="field-error">{{ $message }}</p>@enderror</div>
                    @foreach (['width' => 'Own width', 'height' => 'Own height'] as $field => $label)
                        <div class="field"><label for="k-{{ $field }}">{{ $label }}</label><input @class(['form-control', 'is-invalid' => $errors->has($field)]) id="k-{{ $field }}" name="{{ $field }}" value="{{ is_string(old($field)) ? old($field) : '' }}" placeholder="as chosen" autocomplete="off" data-length>@error($field)<p class="field-error">{{ $message }}</p>@enderror</div>
                    @endforeach
                    <div class="field"><label for="k-lies">It is seen</label><select class="form-select" id="k-lies" name="lies"><option value="0">standing</option><option value="1" @selected(old('lies') === '1')>lying</option></select></div>
                    <div class="field"><label for="k-count">How many</label><input @class(['form-control', 'is-invalid' => $errors->has('count')]) id="k-count" name="count" value="{{ is_string(old('count')) ? old('count') : '1' }}" inputmode="numeric" autocomplete="off">@error('count')<p class="field-error">{{ $message }}</p>@enderror</div>
                    <button class="btn-main">Put on the list</button>
                </x-swap-form>
            </details>
            <details id="cut-apart" @if ($errors->hasAny(['sheet', 'cards'])) open @endif>
                <summary>Cards cut apart</summary>
                @forelse ($sheets as $sheet)
                    <x-swap-form :project="$project" :action="route('keepsakes.add', $project)" class="cut-apart">
                        <input type="hidden" name="sheet" value="{{ $sheet->id }}">
                        <fieldset><legend class="fs-6">{{ $sheet->name }} <span class="quiet">{{ $sheet->count === 1 ? 'one sheet' : "{$sheet->count} sheets" }}</span></legend>
                            @foreach ($sheet->printedCards() as $index => $card)<label class="sieve-by"><input class="form-check-input" type="checkbox" name="cards[]" value="{{ $index + 1 }}"> {{ $card->name === '' ? 'Card '.($index + 1) : $card->name }} <span class="quiet">@size($card->size, $notation, false)</span></label> @endforeach
                        </fieldset>
                        @error('cards')<p class="field-error">{{ $message }}</p>@enderror
                        <button class="btn-plain">Put these on the list</button>
                    </x-swap-form>
                @empty
                    <p class="field-note">No sheet in the drawer says which cards are printed on it. <a href="{{ route('papers.index') }}">Say it there</a>, under “Set aside, cut apart”.</p>
                @endforelse
            </details>
        </div>
    </div>
</x-project>

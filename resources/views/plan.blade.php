@php
    $notation = $plan->notation();
    $design = $plan->design;
    $onFace = $plan->blueprint->on($face->key);
    [$school, $layers] = $design->mats->ruleFor($face->key);
    $here = collect($design->furniture)->filter(fn ($placed) => $placed->on === $face->key);
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Plan" :face="$face->key">
    @if (session('changed'))
        <p class="said" role="status">Changed: {{ session('changed') }}</p>
    @endif
    <div class="workplace">
        <div class="drawn">
            <div class="sheet big-drawing">
                @php($drawing = $spreads->draw($opening, $face->key, fn ($seen) => route('plan', ['project' => $project, 'face' => $seen->key])))
                {!! $drawing->inline(hasLinks: true) !!}
                <x-legend :kinds="$drawing->kinds()"><li>letters in rings: the pieces of the list below</li><li>arrow: the way the print runs</li></x-legend>
            </div>
            <nav aria-label="Openings of the book">
                <ol class="openings">
                    @foreach ($spreads->openings() as $each)
                        @php($first = $each[0])
                        <li @class(['is-here' => in_array($face->key, array_column($each, 'key'), true)])>
                            <a href="{{ route('plan', ['project' => $project, 'face' => end($each)->key]) }}">
                                {!! $spreads->draw($each, rulers: false)->inline() !!}
                                {{ $first->isCover() ? $first->name : collect($each)->map(fn ($page) => str_replace(['Page ', ', inside the front cover', ', inside the back cover'], '', $page->name))->implode(' – ') }}
                            </a>
                        </li>
                    @endforeach
                </ol>
            </nav>
        </div>
        <table class="pieces">
            <caption class="section-title">Pieces to cut, in {{ $design->unit->label() }}, width × height</caption>
            <thead><tr><th scope="col">Letter</th><th scope="col">Piece</th><th scope="col" class="of">How many</th><th scope="col">Size</th><th scope="col">Paper</th></tr></thead>
            @foreach ($plan->blueprint->sections() as $section => $parts)
                <tbody>
                    <tr class="section"><th scope="rowgroup" colspan="5">{{ $section }}</th></tr>
                    @foreach ($parts as $part)
                        <tr>
                            <td>{{ $part->letter }}</td>
                            <th scope="row">{{ $part->name }}</th>
                            <td class="of num">{{ $part->quantity }}</td>
                            <td>@size($part->size, $notation, false)</td>
                            <td>{{ $plan->stockOf($part->key)->name }}</td>
                        </tr>
                    @endforeach
                </tbody>
            @endforeach
        </table>

        <div class="particulars">
            <dl class="tally">
                <div><dt>pieces</dt><dd>{{ $plan->blueprint->pieces() }}</dd></div>
                <div><dt>sheets</dt><dd>{{ $plan->sheets() }}</dd></div>
                <div><dt>thick when filled</dt><dd>@length($plan->thickness(true), $notation)</dd></div>
                @foreach ($plan->photos as $count)
                    @if ($count->total() > 0)
                        <div><dt>or {{ $count->photo->label() }} photos</dt><dd title="{{ $count->onMounts }} on photo mats, {{ $count->onPages }} on free pages, {{ $count->inPockets }} in pockets">{{ $count->total() }}</dd></div>
                    @endif
                @endforeach
            </dl>

            <x-findings :project="$project" :report="$plan->report" :face="$face->key"/>

            <details id="measures" open>
                <summary>Measures</summary>
                <x-change-form :project="$project" :face="$face->key">
                    @foreach ($plan->structure->parameters() as $parameter)
                        @include('partials.field', ['place' => 'parameters.'.$parameter->key, 'value' => $design->parameters->values[$parameter->key] ?? null])
                    @endforeach
                    <noscript><button class="btn-plain">Take these measures</button></noscript>
                </x-change-form>
            </details>

            <details id="on-face" open>
                <summary>On {{ lcfirst($face->name) }}</summary>
                <p class="mb-2">Face @size($face->size, $notation)@if ($face->upsideDown), the sheet’s print upside down @endif</p>
                @foreach ($plan->blueprint->pouches as $pouch)
                    @if ($pouch->face === $face->key)
                        <p class="mb-2">{{ $pouch->name }}, open at the {{ $pouch->opening->value }}: a card may be @length($pouch->widestInsert(), $notation) wide.</p>
                    @endif
                @endforeach
                <x-change-form :project="$project" :face="$face->key">
                    @include('partials.mats', ['id' => 'face', 'place' => "mats.faces.{$face->key}", 'labels' => ['Mats on this face', 'Border on this face'], 'layers' => $layers, 'school' => $school])
                </x-change-form>
                @foreach ($here as $index => $placed)
                    @php($kind = $showroom->get($placed->kind))
                    <div class="sheet mt-2">
                        <strong>{{ $kind->name() }}</strong>
                        <x-change-form :project="$project" :face="$face->key">
                            @foreach ($kind->parameters() as $parameter)
                                @include('partials.field', ['place' => 'furniture.'.$index.'.parameters.'.$parameter->key, 'value' => $placed->values->values[$parameter->key] ?? $parameter->default($design->unit)])
                            @endforeach
                        </x-change-form>
                        <form method="post" class="mt-1" action="{{ route('furniture.destroy', [$project, $index]) }}" hx-post="{{ route('furniture.destroy', [$project, $index]) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
                            @csrf @method('DELETE')
                            <input type="hidden" name="revision" value="{{ $project->revision }}"><input type="hidden" name="face" value="{{ $face->key }}">
                            <button class="btn-plain">Take the {{ lcfirst($kind->name()) }} off</button>
                        </form>
                    </div>
                @endforeach
                <div class="d-flex flex-wrap gap-2 mt-2">
                    @foreach ([['pocket', 'top-load', 'Top-load pocket'], ['pocket', 'side-load', 'Side-load pocket'], ['pocket', 'double', 'Double pocket'], ['photo-mat', null, 'Photo mat']] as [$kind, $style, $label])
                        <form method="post" action="{{ route('furniture.store', $project) }}" hx-post="{{ route('furniture.store', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
                            @csrf
                            <input type="hidden" name="revision" value="{{ $project->revision }}"><input type="hidden" name="face" value="{{ $face->key }}">
                            <input type="hidden" name="kind" value="{{ $kind }}">@if ($style)<input type="hidden" name="style" value="{{ $style }}">@endif
                            <button class="btn-plain">Add {{ lcfirst($label) }}</button>
                        </form>
                    @endforeach
                </div>
                @error('furniture')<p class="field-error">{{ $message }}</p>@enderror
            </details>

            <details id="mats" @if ($errors->has('mats.*')) open @endif>
                <summary>Mats throughout</summary>
                <x-change-form :project="$project" :face="$face->key">
                    @include('partials.mats', ['id' => 'mats', 'place' => 'mats', 'labels' => ['Mats on every face', 'Border on each side'], 'layers' => $design->mats->layers, 'school' => $design->mats->school])
                    @if ($design->mats->faces !== [])
                        <p class="field-note">{{ count($design->mats->faces) }} {{ count($design->mats->faces) === 1 ? 'face has' : 'faces have' }} mats of their own and stay as they are.</p>
                    @endif
                </x-change-form>
            </details>

            <details id="papers" @if (collect($errors->keys())->contains(fn ($key) => str_starts_with($key, 'materials.'))) open @endif>
                <summary>Papers</summary>
                <x-change-form :project="$project" :face="$face->key">
                    @foreach ($plan->stocks as $stock)
                        @foreach ($stock->roles as $role)
                            @include('partials.paper', ['role' => \Ephemeron\Paper\StockRole::from($role), 'stock' => $design->materials[$role], 'cuts' => $stock->cuts])
                        @endforeach
                    @endforeach
                </x-change-form>
            </details>

            <details id="tools">
                <summary>Tools and schools</summary>
                <x-change-form :project="$project" :face="$face->key">
                    @foreach (['grid' => ['Marks on trimmer and ruler', $design->grid], 'grooves' => ['Grooves of the board every', $design->grooves]] as $key => [$label, $now])
                        <div class="field">
                            <label for="tool-{{ $key }}">{{ $label }}</label>
                            <select class="form-select" id="tool-{{ $key }}" name="set[{{ $key }}]">
                                @foreach (\Ephemeron\Measure\ToolGrid::cases() as $grid)
                                    <option value="{{ $grid->value }}" @selected($now === $grid)>{{ $grid->value }}</option>
                                @endforeach
                            </select>
                        </div>
                    @endforeach
                    <div class="field">
                        <label for="tool-scoring">How scores are given</label>
                        <select class="form-select" id="tool-scoring" name="set[scoring]">
                            @foreach (\Ephemeron\Design\ScoringSchool::cases() as $way)
                                <option value="{{ $way->value }}" @selected($design->scoring === $way)>{{ $way->label() }}</option>
                            @endforeach
                        </select>
                        <p class="field-note">{{ $design->scoring->why() }}</p>
                    </div>
                </x-change-form>
            </details>
        </div>
    </div>
</x-project>

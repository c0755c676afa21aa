@php
    $notation = $plan->notation();
    $design = $plan->design;
    $here = route('plan', $project);
    $see = fn (string $face, array $more = []) => $here.'?'.Arr::query(['face' => $face, ...$more]);
    $page = $plan->blueprint->pageOf($face->key);
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Plan" :face="$face->key">
    @if ($changed)
        <div class="said" role="status">
            <p class="mb-0">Changed: {{ $changed }}</p>
            @foreach ($consequences as $sentence)<p class="mb-0 quiet">@typeset($sentence)</p>@endforeach
        </div>
    @endif
    @if (session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
    @if (is_array(session('there')) && session('there') !== [])<p class="said" role="status">In the drawer lies paper like {{ implode(', ', session('there')) }}. Nothing is taken of it yet. <a href="{{ route('papers.for', $project) }}">Choose what this book is cut from</a></p>@endif
    @if (session('fits'))<p class="said" role="status">{{ session('fits') }}</p>@endif
    <div class="workplace">
        <div class="particulars" x-ignore>
            <details id="measures" open>
                <summary>Measures</summary>
                <x-change-form :project="$project" :face="$face->key">
                    @foreach ($plan->structure->parameters() as $parameter)
                        @include('partials.field', ['place' => 'parameters.'.$parameter->key, 'value' => $design->parameters->values[$parameter->key] ?? null, 'reasons' => $plan->blueprint->reasons($parameter->key)])
                    @endforeach
                    <noscript><button class="btn-plain">Take these measures</button></noscript>
                </x-change-form>
                @if ($plan->structure->about()->key === 'free-base')<p class="mt-2 mb-0"><a class="btn-plain" href="{{ route('base', $project) }}">Draw it</a> <a href="{{ route('own-structure', ['from' => $project->id]) }}">Keep it as a structure of your own</a></p>@endif
            </details>
            @include('plan.tally')
            <x-findings :project="$project" :report="$plan->report" :face="$face->key"/>
            @include('plan.on-face')
            @include('plan.fit')
            <details id="mats" @if ($errors->has('mats.*')) open @endif>
                <summary>Mats throughout</summary>
                <x-change-form :project="$project" :face="$face->key">
                    @include('partials.mats', ['id' => 'mats', 'place' => 'mats', 'labels' => ['Mats on every face', 'Border on each side'], 'layers' => $design->mats->layers, 'school' => $design->mats->school])
                    <p class="field-note">{{ $design->mats->school->why() }}</p>
                    <div class="field is-wide">
                        <label for="mats-corners">@words('Corners of mats')</label>
                        <select class="form-select" id="mats-corners" name="set[mats.corners]">
                            @foreach (\Ephemeron\Design\MatCorners::cases() as $each)<option value="{{ $each->value }}" @selected($design->mats->corners === $each)>{{ $each->label() }}</option>@endforeach
                        </select>
                        <label for="mats-alternate">Facing pages show</label>
                        <select class="form-select" id="mats-alternate" name="set[mats.alternate]">
                            @foreach (\Ephemeron\Design\Alternation::cases() as $each)<option value="{{ $each->value }}" @selected($design->mats->alternate === $each)>{{ $each->label() }}</option>@endforeach
                        </select>
                    </div>
                    @if ($design->mats->faces !== [])
                        <p class="field-note">{{ count($design->mats->faces) }} {{ count($design->mats->faces) === 1 ? 'face has' : 'faces have' }} mats of their own and stay as they are.</p>
                    @endif
                </x-change-form>
            </details>
            <details id="papers" @if (collect($errors->keys())->contains(fn ($key) => $key === 'paper' || str_starts_with($key, 'materials.'))) open @endif>
                <summary>Papers</summary>
                <x-change-form :project="$project" :face="$face->key">
                    @foreach ($plan->stocks as $stock)
                        @foreach ($stock->roles as $role)
                            @include('partials.paper', ['role' => \Ephemeron\Paper\StockRole::from($role), 'stock' => $design->materials[$role], 'cuts' => $stock->cuts])
                        @endforeach
                    @endforeach
                </x-change-form>
                <p class="mt-2 mb-0"><a href="{{ route('papers.for', $project) }}">Papers from the drawer for the whole book, proposed or chosen</a></p>
            </details>
            <details id="tools">
                <summary>Tools and schools</summary>
                <x-change-form :project="$project" :face="$face->key">
                    @foreach (['grid' => ['Marks on trimmer and ruler', $design->tools->grid], 'grooves' => ['Grooves of the board every', $design->tools->grooves]] as $key => [$label, $now])
                        <div class="field">
                            <label for="tool-{{ $key }}">{{ $label }}</label>
                            <select class="form-select" id="tool-{{ $key }}" name="set[{{ $key }}]">
                                @foreach (\Ephemeron\Measure\ToolGrid::cases() as $grid)
                                    <option value="{{ $grid->value }}" @selected($now === $grid)>{{ $grid->value }}</option>
                                @endforeach
                            </select>
                        </div>
                    @endforeach
                    <x-schools place="scoring" label="How scores are given" :cases="\Ephemeron\Design\ScoringSchool::cases()" :now="$design->scoring"/>
                    <x-schools place="schools.decorating" label="Decorate and bind" :cases="\Ephemeron\Design\Decorating::cases()" :now="$design->schools->decorating"/>
                    <x-schools place="schools.gluing" label="Glue or tape" :cases="\Ephemeron\Design\Gluing::cases()" :now="$design->schools->gluing"/>
                    <x-schools place="schools.inking" label="Edges" :cases="\Ephemeron\Design\Inking::cases()" :now="$design->schools->inking"/>
                    <x-schools place="schools.covers" label="Covers" :cases="\Ephemeron\Design\CoverOrder::cases()" :now="$design->schools->covers"/>
                    <x-schools place="schools.pockets" label="Pockets and mats" :cases="\Ephemeron\Design\PocketOrder::cases()" :now="$design->schools->pockets"/>
                </x-change-form>
            </details>
        </div>
        <div class="drawn">
            @if ($putting)
                @include('plan.spots')
            @endif
            @include('plan.drawn')
            @include('plan.faces')
            <nav aria-label="Openings of the book">
                @php($opening = new \App\View\Addresses('opening.small', $project, \App\View\Addresses::EACH))
                <ol class="openings" x-ignore>
                    @foreach ($spreads->openings() as $each)
                        @php($first = $each[0])
                        <li @class(['is-here' => in_array($page->key, array_column($each, 'key'), true)]) @if (str_contains($small[$loop->index], 'is-blank')) hx-get="{{ $opening->of($loop->iteration) }}" hx-trigger="intersect once" hx-target="find svg" hx-swap="outerHTML" @endif>
                            <a href="{{ $see(end($each)->key) }}">
                                {!! $small[$loop->index] !!}
                                {{ $first->isCover() ? $first->name : collect($each)->map(fn ($one) => preg_replace('/^Page (\d+)(,.*)?$/', '$1', $one->name))->implode(' – ') }}
                            </a>
                        </li>
                    @endforeach
                </ol>
            </nav>
        </div>
        <div class="lists" x-ignore>
            @include('plan.pieces')
            @include('plan.besides')
        </div>
    </div>
</x-project>

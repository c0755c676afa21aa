@php
    $notation = $plan->notation();
    $lines = \Ephemeron\Format\Svg\LineKind::class;
    $ticking = route('ticks.update', $project);
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Score">
    @php
        $all = collect($groups)->collapse();
        $inHand = $all->keys()->first(fn ($key) => ! $progress->isTicked("score-{$key}"));
        $now = $inHand === null ? null : $all[$inHand];
        $many = $now === null ? 0 : $now->part->quantity * $project->copies;
        $last = $all->keys()->filter(fn ($key) => $progress->isTicked("score-{$key}"))->last();
    @endphp
    @if ($inHand !== null)
        <section class="trimmer at-hand" id="in-hand" aria-label="At the scoring board" data-awake data-swipe data-aloud>
            <div class="hand-number">
                <p class="quiet mb-0">{{ $all->keys()->search($inHand) + 1 }} of {{ $all->count() }}: {{ $many > 1 ? "{$many} " : '' }}{{ $now->part->letter }}, {{ $now->part->called() }}, blank @size($now->part->size, $notation)</p>
                <p class="fence-now is-long" data-say><strong>@typeset($inShort->inShort($now, $notation))</strong></p>
            </div>
            <div class="sheet hand-drawing">@if ($now->moves !== []){!! $board->draw($now, $now->moves[0])->inline() !!}@else{!! $flat->draw($now->part)->inline() !!}@endif</div>
            <div class="hand-more">
                @foreach (array_slice($now->moves, 0, 1) as $move)<p class="fs-5 mb-2" data-say>{{ $move->turn === \Ephemeron\Scoring\Turn::None ? "The {$move->atTheFence->value} along the top fence, letter side down." : $move->turn->sentence() }}{{ count($now->moves) > 1 ? ' The further moves stand below.' : '' }}</p>@endforeach
                <div class="controls is-at-the-thumb">
                    <form method="post" data-table="on" data-once="scored" action="{{ $ticking }}" hx-put="{{ $ticking }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf @method('PUT')
                        <input type="hidden" name="stage" value="score"><input type="hidden" name="step" value="score-{{ $inHand }}"><input type="hidden" name="done" value="1"><button class="btn-main" id="scored">Scored</button></form>
                    @if ($last !== null)<form method="post" data-table="back" data-once="unscored" action="{{ $ticking }}" hx-put="{{ $ticking }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf @method('PUT')
                        <input type="hidden" name="stage" value="score"><input type="hidden" name="step" value="score-{{ $last }}"><input type="hidden" name="done" value="0"><button class="btn-plain" id="score-back">← Not scored yet</button></form>@endif
                </div>
            </div>
        </section>
    @elseif ($all->isNotEmpty())
        <p class="said" role="status">All is scored. <a href="{{ route('bench', $project) }}">On to the bench</a></p>
    @endif
    <p class="fs-5 mb-1">Letter side down. Positions count from the left end of the side that lies along the top fence. {{ $plan->design->scoring->label() }}: {{ lcfirst($plan->design->scoring->why()) }}</p>
    <x-change-form class="sieve" :project="$project" stage="score">
        <span class="sieve-by"><label for="scoring">@words('How scores are given')</label>
        <select class="form-select" id="scoring" name="set[scoring]">
            @foreach (\Ephemeron\Design\ScoringSchool::cases() as $way)
                <option value="{{ $way->value }}" @selected($plan->design->scoring === $way)>{{ $way->label() }}</option>
            @endforeach
        </select></span>
        <span class="sieve-by"><label for="grooves">Grooves every</label>
        <select class="form-select" id="grooves" name="set[grooves]">@foreach (\Ephemeron\Measure\ToolGrid::cases() as $grid)<option value="{{ $grid->value }}" @selected($plan->design->tools->grooves === $grid)>{{ $grid->value }}</option>@endforeach</select></span>
        <span class="sieve-by"><label for="board">Board</label>
        <input @class(['form-control', 'is-short', 'is-invalid' => $errors->has('board')]) id="board" name="set[board]" value="{{ $errors->has('board') && is_array(old('set')) ? (is_string(old('set')['board'] ?? null) ? old('set')['board'] : '') : ($plan->design->tools->length('board') ? $notation->exact($plan->design->tools->length('board')) : '') }}" placeholder="{{ $notation->text(\Ephemeron\Scoring\Board::usual($plan->design->tools->grooves)->length) }}" autocomplete="off"></span>
        @error('board')<p class="field-error">{{ $message }}</p>@enderror
        <noscript><button class="btn-plain">Show</button></noscript>
    </x-change-form>
    <x-legend :kinds="[$lines::Valley, $lines::Mountain, $lines::Groove]"><li>rings: order of the scores</li><li>dashed ring: its letter, on the side below</li><li>≠ between two grooves</li></x-legend>
    @forelse ($groups as $group)
        @php
            $score = reset($group);
            $pieces = array_sum(array_map(fn ($each) => $each->part->quantity, $group)) * $project->copies;
            $stock = $plan->stockOf((string) array_key_first($group));
        @endphp
        <section class="scored">
            <h2>{{ implode(', ', array_map(fn ($each) => $each->part->letter, $group)) }} · {{ implode(', ', array_unique(array_map(fn ($each) => $each->part->name, $group))) }}</h2>
            <p class="in-short"><span class="quiet">{{ ucfirst($inShort->howMany($pieces)) }}:</span> @typeset($inShort->inShort($score, $notation))</p>
            <ul class="score-ticks">
                @foreach ($group as $key => $each)
                    @php($done = $progress->isTicked("score-{$key}"))
                    <li id="score-{{ $key }}">
                        <form method="post" action="{{ $ticking }}" hx-put="{{ $ticking }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf @method('PUT')
                            <input type="hidden" name="stage" value="score"><input type="hidden" name="step" value="score-{{ $key }}"><input type="hidden" name="done" value="{{ $done ? 0 : 1 }}">
                            <button aria-pressed="{{ $done ? 'true' : 'false' }}">{{ $done ? '✓' : '○' }} @php($many = $each->part->quantity * $project->copies){{ $many > 1 ? "{$many} " : '' }}{{ $each->part->letter }}, blank @size($each->part->size, $notation)</button>
                        </form>
                    </li>
                @endforeach
            </ul>
            @foreach ((new \Ephemeron\Scoring\ScoringAdvice($score->part, $stock))->sentences() as $sentence)<p class="mb-0">@typeset($sentence)</p>@endforeach
            @foreach (\Ephemeron\Scoring\ErrorBudget::of($score->part) as $budget)
                <p @class(['mb-0', 'quiet' => ! ($budget->better() && $budget->better() !== $plan->design->scoring), 'said is-watch' => $budget->better() && $budget->better() !== $plan->design->scoring])>@typeset($budget->text($plan->design->scoring, $notation))</p>
            @endforeach
            @if (collect($score->lines())->contains(fn ($line) => $line->beyondTheBoard))
                <p class="said">Longer than the board of @length($score->board->length, $notation): score what the board reaches, turn the piece end for end and score the rest from the other end; what lies out of reach of both ends is marked at head and foot and scored along a ruler.</p>
            @endif
            <ol class="moves">
                @foreach ($score->moves as $move)
                    <li class="move">
                        <p>
                            @if ($move->turn !== \Ephemeron\Scoring\Turn::None)
                                <strong>{{ $move->turn === \Ephemeron\Scoring\Turn::Quarter ? '↻ ¼' : '↻ ½' }}</strong> {{ $move->turn->sentence() }}
                            @else
                                The {{ $move->atTheFence->value }} along the top fence.
                            @endif
                            Score at
                            @foreach ($move->lines as $line)
                                <span class="at">@length($line->at, $notation, $loop->last)</span> {{ $line->fold->value }}@if (! $loop->last), @endif
                            @endforeach
                        </p>
                        @foreach ($move->lines as $line)
                            @unless ($line->isOnGroove())
                                <p class="field-error">@typeset($notation->exact($line->at)) falls between grooves: find the groove at @length($line->groove, $notation) and mark @typeset($notation->exact($line->past())) past it with a ruler.</p>
                            @endunless
                        @endforeach
                        <div class="sheet">{!! $board->draw($score, $move)->inline() !!}</div>
                    </li>
                @endforeach
                @php($byHand = (new \Ephemeron\Scoring\ScoresByHand($score->part, $notation))->sentences())
                @if ($byHand !== [] || $score->part->slits !== [])
                    <li class="move">
                        @foreach ($byHand as $sentence)<p>@typeset($sentence)</p>@endforeach
                        @if ($score->part->slits !== [])
                            <p>Then the slits, drawn bold, with knife and ruler: none goes further than it is drawn.</p>
                            <p class="hold">{{ \Ephemeron\Blueprint\Caution::Knife->text() }}</p>
                        @endif
                        <p>The piece as it lies flat:</p>
                        <div class="sheet">{!! $flat->draw($score->part)->inline() !!}</div>
                        <x-legend :kinds="[$lines::Slit, $lines::Valley, $lines::Mountain, $lines::Glue]"/>
                    </li>
                @endif
            </ol>
        </section>
    @empty
        <p>No piece of this design is scored.</p>
    @endforelse
</x-project>

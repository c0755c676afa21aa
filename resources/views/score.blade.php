@php
    $notation = $plan->notation();
    $lines = \Ephemeron\Format\Svg\LineKind::class;
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Score">
    <p class="fs-5 mb-1">Positions count from the left end of the side that lies along the top fence. {{ $plan->design->scoring->label() }}: {{ lcfirst($plan->design->scoring->why()) }}</p>
    <x-change-form :project="$project" stage="score">
        <label class="me-2" for="scoring">How scores are given</label>
        <select class="form-select d-inline-block w-auto" id="scoring" name="set[scoring]">
            @foreach (\Ephemeron\Design\ScoringSchool::cases() as $way)
                <option value="{{ $way->value }}" @selected($plan->design->scoring === $way)>{{ $way->label() }}</option>
            @endforeach
        </select>
        <noscript><button class="btn-plain">Show</button></noscript>
    </x-change-form>
    <x-legend :kinds="[$lines::Valley, $lines::Mountain, $lines::Groove]"><li>rings: order of the scores</li><li>≠ between two grooves</li></x-legend>
    @forelse ($plan->scores as $key => $score)
        <section class="scored">
            <h2>{{ $score->part->letter }} · {{ $score->part->name }}@if ($score->part->quantity > 1), all {{ $score->part->quantity }} alike @endif</h2>
            <p class="mb-0">Blank @size($score->part->size, $notation), {{ $score->part->section }}, from {{ $plan->stockOf($key)->name }}</p>
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
                @if ($score->part->slits !== [])
                    <li class="move">
                        <p>Then the slits, drawn bold, with knife and ruler: each stops at the crossing score. The piece as it lies flat:</p>
                        <p class="hold">{{ \Ephemeron\Blueprint\Caution::Knife->text() }}</p>
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

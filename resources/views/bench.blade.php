@php
    $notation = $plan->notation();
    $done = $progress->isDone($step, $copy);
    $here = route('bench', $project);
    $ticking = route('ticks.update', $project);
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Bench" :step="$step->key">
    <div class="bench" x-data="bench({{ \App\View\Expression::of(['address' => route('clock', $project), 'step' => $step->key, 'seconds' => $time?->soFar() ?? 0, 'running' => $time?->running_since !== null]) }})" @keydown.window="onKey($event)">
        <article class="now at-hand" aria-live="polite" data-awake data-swipe data-aloud>
            <p class="field-error forgotten" x-cloak x-show="asks" role="alert">The clock runs and nothing was touched for <span x-text="minutesIdle()"></span> minutes. <button class="btn-plain" type="button" @click="worked()">I worked</button> <button class="btn-plain" type="button" @click="forgot()">Take them off</button></p>
            <p class="count mb-0">Step {{ $step->number }} of {{ $progress->total() }} · {{ $step->phase->label() }}{{ $step->section === $step->phase->label() ? "" : " · {$step->section}" }}@if ($done) · done @endif</p>
            @foreach ($waiting->drying as [$each, $until])
                <p class="said drying" role="status" x-data="drying({{ $until->getTimestampMs() }})">“{{ $each->title }}” dries <span x-text="left()">until {{ $until->format('H:i') }}</span>.@if ($loop->last && $waiting->meanwhile && $waiting->meanwhile->key !== $step->key) Meanwhile: <a href="{{ $here.'?'.Arr::query(['step' => $waiting->meanwhile->key]) }}">{{ $waiting->meanwhile->title }}</a>@elseif ($loop->last && ! $waiting->meanwhile) Nothing else can be done meanwhile: let it lie.@endif</p>
            @endforeach
            <h2 data-say>@typeset($step->title)</h2>
            @if ($copy)
                <nav class="copies" aria-label="Copies of this batch">
                    <span class="quiet">Copy {{ $copy }} of {{ $project->copies }}</span>
                    @foreach (range(1, $project->copies) as $each)
                        <a @class(['is-here' => $each === $copy, 'is-done' => $progress->isDone($step, $each)]) href="{{ $here.'?'.Arr::query(['step' => $step->key, 'copy' => $each]) }}" @if ($each === $copy) aria-current="true" @endif aria-label="Copy {{ $each }}{{ $progress->isDone($step, $each) ? ', done' : '' }}">{{ $progress->isDone($step, $each) ? '✓' : $each }}</a>
                    @endforeach
                </nav>
            @elseif ($project->copies > 1)
                <p class="quiet mb-1">For all {{ $project->copies }} books together.</p>
            @endif
            <div @class(['with-picture' => $drawing !== null])>
                <div class="hand-number">
                    @if ($numbers !== [])<p class="numbers-now" data-say>@foreach ($numbers as $number)<strong>@typeset($number)</strong>@if (! $loop->last) <span class="quiet">·</span> @endif @endforeach</p>@endif
                    @if ($step->text !== '')<p class="do" data-say>@typeset($step->text)</p>@endif
                </div>
                <div class="hand-more">
                    @php($lines = $plan->linesOf($step))
                    @if ($lines !== [])
                        <ol class="lines" tabindex="0" aria-label="One after the other">
                            @foreach ($lines as $line)
                                <li>@words($line)</li>
                            @endforeach
                        </ol>
                    @endif
                    @if ($step->adhesive !== \Ephemeron\Blueprint\Adhesive::None)
                        <p class="hold"><strong>{{ $step->adhesive->label() }}.</strong> {{ $step->adhesive->why() }}</p>
                    @endif
                    @if ($step->caution)
                        <p class="caution">{{ $step->caution->text() }}</p>
                    @endif
                    @if ($step->parts !== [])
                        <p class="mt-3 mb-0">{{ $step->phase === \Ephemeron\Blueprint\Phase::Cut ? 'Gives' : 'In hand' }}:
                            @php($gives = $plan->patternOf($step)?->gives)
                            @foreach ($step->parts as $part)
                                @php($piece = $plan->blueprint->part($part))
                                <span class="text-nowrap"><strong>@php($many = $gives[$piece->letter] ?? ($copy ? $piece->quantity : $plan->countOf($piece))){{ $many > 1 ? $many.' ' : '' }}{{ $piece->letter }}</strong> @size($piece->size, $notation, $loop->last)</span>@if (! $loop->last), @endif
                            @endforeach
                        </p>
                    @endif
                </div>
                @if ($drawing)
                    <div class="picture hand-drawing">
                        {!! $drawing->inline() !!}
                        <x-legend :kinds="$drawing->kinds()"/>
                    </div>
                @endif
            </div>
            @if ($after && $after->parts !== [])
                <p class="quiet mt-2 mb-0">To lay out for the next step: {{ implode(', ', array_map(fn ($part) => $plan->blueprint->part($part)->letter.' ('.$plan->blueprint->part($part)->called().')', $after->parts)) }}.</p>
            @endif
            @if ($motion)
                <p class="mt-2 mb-0"><a href="{{ route('fold', ['project' => $project, ...$motion]) }}">{{ match ($motion['scene']) { \Ephemeron\Folding\SceneBuilder::BOOK => 'See it come to its place, in space', 'sewing' => 'See the needle go, hole by hole', default => 'See it fold, move by move' } }}</a></p>
            @endif
            @if ($step->places !== [])
                <ul class="places" aria-label="Each place, ticked one by one">
                    @foreach ($step->places as $index => $place)
                        @php($placeDone = $progress->isPlaceDone($step, $index, $copy))
                        <li>
                            <form method="post" action="{{ $ticking }}" hx-put="{{ $ticking }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
                                @csrf @method('PUT')
                                <input type="hidden" name="step" value="{{ $step->key }}">@if ($copy)<input type="hidden" name="copy" value="{{ $copy }}">@endif<input type="hidden" name="place" value="{{ $index }}"><input type="hidden" name="done" value="{{ $placeDone ? 0 : 1 }}">
                                <button id="place-{{ $index }}" aria-pressed="{{ $placeDone ? 'true' : 'false' }}">{{ $placeDone ? '✓' : '○' }} @typeset($place)</button>
                            </form>
                        </li>
                    @endforeach
                </ul>
            @endif
            <div class="controls is-at-the-thumb">
                @if ($before)
                    <a class="btn-plain" x-ref="before" data-table="back" href="{{ $here.'?'.Arr::query(['step' => $before->key]) }}">← Back</a>
                @endif
                <form method="post" x-ref="done" data-table="on" data-once="done" action="{{ $ticking }}" hx-put="{{ $ticking }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
                    @csrf @method('PUT')
                    <input type="hidden" name="step" value="{{ $step->key }}">@if ($copy)<input type="hidden" name="copy" value="{{ $copy }}">@endif<input type="hidden" name="done" value="1"><input type="hidden" name="next" value="1">
                    <button class="btn-main" id="done">{{ $after ? 'Done, next' : 'Done' }}</button>
                </form>
                @if ($done)
                    <form method="post" action="{{ $ticking }}" hx-put="{{ $ticking }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
                        @csrf @method('PUT')
                        <input type="hidden" name="step" value="{{ $step->key }}">@if ($copy)<input type="hidden" name="copy" value="{{ $copy }}">@endif<input type="hidden" name="done" value="0">
                        <button class="btn-plain" id="not-done">Not done yet</button>
                    </form>
                @endif
                @if ($after)
                    <a class="btn-plain" href="{{ $here.'?'.Arr::query(['step' => $after->key]) }}">Skip</a>
                @endif
                <span x-data="voice"><button class="btn-plain" type="button" x-show="can" x-cloak @click="toggle()" :aria-pressed="reads ? 'true' : 'false'" id="read-aloud">Read aloud</button></span>
                <button class="btn-plain timer num" type="button" @click="toggleTimer" :aria-pressed="running ? 'true' : 'false'"><span class="visually-hidden">Timer</span> <span x-text="clock()">00:00</span></button>
            </div>
            @if ($after === null && $progress->done() === $progress->total())
                <p class="do mt-3 mb-0">Finished. Photograph it, keep the leftovers in a labelled pocket, and note what you changed.</p>
            @endif
            <x-spoiled :project="$project" :parts="array_map($plan->blueprint->part(...), $step->parts)" stage="bench" :step="$step->key"/>
            @if (session('came'))
                @php($came = session('came'))
                <div class="said" role="status" id="what-follows">
                    <p class="mb-1"><strong>@typeset($came['noted'])</strong> @if ($came['told'] === [])Nothing else depends on it closely.@endif</p>
                    @if ($came['trim'] !== '')<p class="mb-1">@typeset($came['trim'])</p>@endif
                    @if ($came['told'] !== [])<ul class="mb-1">@foreach ($came['told'] as [$sentence, $fits])<li>@unless ($fits)<strong>@endunless @typeset($sentence) @unless ($fits)</strong>@endunless</li>@endforeach</ul>@endif
                    @if ($came['changes'] !== [])
                        <x-change-form :project="$project" stage="bench" :auto="false">
                            <input type="hidden" name="step" value="{{ $step->key }}">
                            @foreach ($came['changes'] as $place => $size)<input type="hidden" name="set[{{ $place }}]" value="{{ $size }}">@endforeach
                            <button class="btn-main" id="cut-the-others-so">Cut what is not cut yet to fit it</button> <span class="quiet">Or leave it: nothing changes by itself.</span>
                        </x-change-form>
                    @endif
                </div>
            @endif
            @if ($step->parts !== [])
                <details id="came" @if ($step->phase === \Ephemeron\Blueprint\Phase::DryFit || $errors->hasAny(['measure', 'verdict', 'came'])) open @endif>
                    <summary>{{ $step->phase === \Ephemeron\Blueprint\Phase::DryFit ? 'Does it fit? If it is tight, loose or proud, say so' : 'It came out otherwise' }}</summary>
                    <form class="came" method="post" action="{{ route('came', $project) }}" hx-post="{{ route('came', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf
                        <input type="hidden" name="step" value="{{ $step->key }}">
                        <select class="form-select" name="measure" aria-label="Which side of which piece" id="came-measure">
                            @foreach ($step->parts as $key)@php($part = $plan->blueprint->part($key))
                                <optgroup label="{{ $part->letter }}, {{ $part->called() }}">@foreach (\Ephemeron\AsMade\Dimension::all($part) as $dimension)@php($named = \App\Http\Requests\CameRequest::named($dimension))<option value="{{ $named }}" @selected(old('measure') === $named)>{{ $dimension->sayOf($part) }}: its {{ $dimension->axis->value }}</option>@endforeach</optgroup>
                            @endforeach
                        </select>
                        <select class="form-select" name="verdict" aria-label="How it came" id="came-verdict">@foreach (\App\Http\Requests\CameRequest::VERDICTS as $verdict => $label)<option value="{{ $verdict }}" @selected(old('verdict') === $verdict)>{{ $label }}</option>@endforeach</select>
                        <input @class(['form-control', 'is-invalid' => $errors->has('came')]) name="came" x-ref="note" id="came-length" aria-label="What it came to" value="{{ is_string(old('came')) ? old('came') : '' }}" placeholder="{{ $plan->design->unit === \Ephemeron\Measure\Unit::Inch ? '5 7/16' : '13.8' }}" autocomplete="off">
                        <button class="btn-plain">What follows?</button>
                        @foreach (['measure', 'verdict', 'came'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
                    </form>
                </details>
            @endif
            <form class="noting" method="post" action="{{ route('notes.store', $project) }}" enctype="multipart/form-data">
                @csrf<x-once/>
                @if ($step->parts === [])
                    <input type="hidden" name="step" value="{{ $step->key }}">
                @else
                    <input type="hidden" name="stage" value="bench"><input type="hidden" name="from" value="{{ $step->key }}">
                    <select class="form-select" name="step" id="note-about" aria-label="About what"><option value="{{ $step->key }}">this step</option>@foreach ($step->parts as $part)<option value="{{ \App\Models\Note::PIECE.$part }}" @selected(old('step') === \App\Models\Note::PIECE.$part)>{{ $plan->blueprint->part($part)->letter }}, {{ $plan->blueprint->part($part)->called() }}</option>@endforeach</select>
                @endif
                <input class="form-control @error('text') is-invalid @enderror" name="text" @if ($step->parts === []) x-ref="note" @endif value="{{ is_string(old('text')) ? old('text') : '' }}" aria-label="Note something" placeholder="Note something">
                <label class="btn-plain photo-of"><input type="file" name="photo" accept="image/*" capture="environment" @change="$el.form.requestSubmit()"> Photograph</label>
                <button class="btn-plain">Note</button>
            </form>
            @error('text')<p class="field-error">{{ $message }}</p>@enderror
            @error('photo')<p class="field-error">{{ $message }}</p>@enderror
            <ul class="notes">
                @foreach ($notes as $note)
                    <li>@if ($note->photo)<a href="{{ route('notes.photo', [$project, $note]) }}"><img class="note-photo" src="{{ route('notes.photo', [$project, $note]) }}" alt="{{ $note->text }}" loading="lazy"></a>@endif<span>@typeset($note->text)</span>
                        <form method="post" action="{{ route('notes.destroy', [$project, $note]) }}">@csrf @method('DELETE')<button aria-label="Strike the note {{ $note->text }}">strike</button></form></li>
                @endforeach
                @include('partials.about-pieces', ['parts' => array_map($plan->blueprint->part(...), $step->parts), 'strikes' => false])
            </ul>
        </article>
        <nav class="step-list" aria-label="All steps" tabindex="0">
            @if ($left[0] > 0)<p class="quiet mb-1">About {{ \App\View\Duration::text($left[0]) }} left, {{ $left[1] ? 'at your own pace' : 'as a plain estimate' }}.</p>@endif
            @foreach (collect($plan->steps)->chunkWhile(fn ($each, $key, $chunk) => $each->phase === $chunk->last()->phase) as $steps)
                <h3>{{ $steps->first()->phase->label() }}</h3>
                <ol>
                    @foreach ($steps as $each)
                        <li @class(['is-here' => $each->key === $step->key])>
                            <a @class(['is-done' => $progress->isDone($each)]) href="{{ $here.'?'.Arr::query(['step' => $each->key]) }}" @if ($each->key === $step->key) aria-current="step" @endif>
                                <span class="mark">{{ $progress->isDone($each) ? '✓' : $each->number }}</span><span>@typeset($each->title)</span>
                            </a>
                        </li>
                    @endforeach
                </ol>
            @endforeach
        </nav>
    </div>
</x-project>

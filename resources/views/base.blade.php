@php
    $notation = $plan->notation();
    $unit = $notation->unit->value;
    $sides = [[\Ephemeron\Measure\Axis::Width, 'across', 'from the left'], [\Ephemeron\Measure\Axis::Height, 'down', 'from the head']];
    $folds = ['valley' => 'valley', 'mountain' => 'mountain', 'none' => 'no score'];
    $was = fn (string $act, string $field): string => old('act') === $act && is_string(old($field)) ? old($field) : '';
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Plan" back="base">
    @if (session('changed'))<div class="said" role="status"><p class="mb-0">Changed: {{ session('changed') }}</p></div>@endif
    <div class="workplace base-drawn">
        <div class="drawn">
            <div class="sheet big-drawing" x-data="basing({{ \App\View\Expression::of(['address' => route('base.change', $project), 'revision' => $project->revision, 'step' => $plan->design->tools->grid->step()->inMillimetres(), 'snaps' => $snaps]) }})" @click="press($event)" @pointerdown="grab($event)" @pointermove="drag($event)" @pointerup="drop($event)" @pointercancel="letGo()" @keydown="onKey($event)">
                {!! $drawing->draw()->inline(hasLinks: true) !!}
                <div class="row-line"><button class="btn-plain" type="button" @click="draws = ! draws" :aria-pressed="draws ? 'true' : 'false'" id="draw-corners">Draw a line by its corners</button>
                    <span class="asked" x-show="draws" x-cloak><select class="form-select" aria-label="What the drawn line is" id="drawn-kind" @change="be($event.target.value)">@foreach (\Ephemeron\Structure\FreeLineKind::cases() as $kind)<option value="{{ $kind->value }}">{{ $kind->value }}</option>@endforeach</select> <button class="btn-main" type="button" :disabled="said === ''" @click="set()" id="drawn-line">Draw it</button></span>
                    <x-swap-form :project="$project" :action="route('base.change', $project)" class="d-inline"><input type="hidden" name="act" value="blank"><button class="btn-plain" id="blank-sheet">Begin with a whole sheet, @size($sheet, $notation)</button></x-swap-form> <span class="quiet" role="status" x-text="said"></span></div>
                <p class="quiet mb-0">Press the fence to set a score; it takes the half, a third, or what a score is from the other end, where that is near. Press the edge of an area to glue a piece to it. Take a score or a piece with the hand<span class="by-keys"> or the arrows (<kbd>Shift</kbd>: eight marks); <kbd>v</kbd> valley, <kbd>m</kbd> mountain, <kbd>b</kbd> no score, <kbd>o</kbd> the same from the other end, <kbd>Delete</kbd> away. On an area <kbd>Enter</kbd> cuts it away, or puts it back; <kbd>g</kbd> glues a piece to one of its edges</span>.</p>
            </div>
            @if ($markup)
                <div class="folding" x-data="folding({{ count($steps) }})" @resize.window="measure()">
                    @foreach ($problems as $problem)<p class="said is-stop">{{ $problem }}</p>@endforeach
                    <div class="theatre" x-ref="theatre" @pointerdown="grab($event)" @pointermove="drag($event)" @pointerup="letGo($event)" @pointercancel="letGo()" role="img" aria-label="The base as it folds">{{ $markup }}</div>
                    <div class="slider fold-controls"><button class="btn-plain" type="button" @click="back()" aria-label="One fold back">←</button><button class="btn-main" type="button" @click="toggle()" x-text="playing ? 'Stop' : 'Fold'">Fold</button><button class="btn-plain" type="button" @click="forward()" aria-label="One fold on">→</button><input type="range" min="0" max="{{ count($steps) }}" step="0.01" x-model.number="at" aria-label="How far it is folded"></div>
 @if ($stops !== [])<ul class="findings" aria-label="What does not go together">@foreach ($stops as $finding)<li class="is-{{ $finding->severity->value }}"><span class="severity">{{ $finding->severity->label() }}</span> @words($finding->text)</li>@endforeach</ul>@endif
                    @foreach ([[$shut->first, 'Shut before anything folds'], [$shut->last, 'Shut when all is folded']] as [$these, $when])@if ($these !== [])<p class="mb-1">{{ $when }}: {{ collect($these)->map(fn ($flap) => "the flap at the {$flap->edge->label()} of {$flap->column}-{$flap->row}")->implode(', then ') }}.</p>@endif @endforeach
                    <ol class="fold-steps" aria-label="Folds in order" tabindex="0">@foreach ($steps as $step)<li data-step="{{ $step->number }}"><span class="quiet">{{ $step->number }}</span> @typeset($step->text)</li>@endforeach</ol>
                </div>
            @endif
        </div>
        <div class="particulars" x-ignore>
            <p class="mb-1"><strong>{{ $tally->sheetsInAll() }}</strong> {{ $tally->sheetsInAll() === 1 ? 'sheet' : 'sheets' }}@foreach (array_filter($tally->photos) as $size => $count), <strong>{{ $count }}</strong> of {{ $size }}@endforeach, filled <strong>@typeset($notation->text($notation->grid->up($tally->thickness)))</strong> thick, folded <strong>@size($folded, $notation)</strong>. <a href="{{ route('plan', $project) }}">As it is typed, with all that lies on it</a></p>
            @foreach (['at', 'furniture'] as $field)@error($field)<p class="field-error" id="{{ $field }}-error">{{ $message }}</p>@enderror @endforeach
            @if ($isOffMarks)
                <div class="said" id="off-marks">
                    @foreach ($offMarks as $off)
                        <x-swap-form :project="$project" :action="route('base.change', $project)"><input type="hidden" name="act" value="move"><input type="hidden" name="along" value="{{ $off->along->value }}"><input type="hidden" name="score" value="{{ $off->number }}"><input type="hidden" name="at" value="{{ $notation->exact($off->mark) }}">{{ $off->along === \Ephemeron\Measure\Axis::Width ? 'Upright' : 'Level' }} score {{ $off->number }} lies {{ number_format($off->by()->inMillimetres(), 2) }} mm beside @typeset($notation->text($off->mark)), a hair off the mark. <button class="btn-plain">Take @typeset($notation->text($off->mark))</button></x-swap-form>
                    @endforeach
                    @if ($offMarks === [])Its rim, or corners of its lines, lie a hair off the marks.@endif <x-swap-form :project="$project" :action="route('base.change', $project)" class="mt-1"><input type="hidden" name="act" value="marks"><button class="btn-plain" id="take-marks">Take all marks</button></x-swap-form>
                </div>
            @endif
            <details id="base-flaps" open><summary>Flaps glued to an edge</summary>
                <ol class="base-lines">
                    @foreach ($flaps as $flap)
                        @php($called = "at the {$flap->edge->label()} of {$flap->column}-{$flap->row}, ".($flap->side === \Ephemeron\Paper\Side::A ? 'in front' : 'behind'))
                        <li>
                            <span>@size($flap->open->size(), $notation) {{ $called }}@if ($flap->magnets() > 0), {{ $flap->magnets() === 1 ? 'a magnet' : $flap->magnets().' magnets' }}@endif</span>
                            <x-swap-form :project="$project" :action="route('base.change', $project)" hx-trigger="change, submit">
                                <input type="hidden" name="act" value="slide"><input type="hidden" name="place" value="{{ $flap->thing->place }}">
                                <label for="flap-at-{{ $loop->iteration }}">{{ $flap->edge->isUpright() ? 'from the head' : 'from the left' }}</label> <span class="with-unit"><input class="form-control" id="flap-at-{{ $loop->iteration }}" name="at" value="{{ $notation->bare($flap->along($base)) }}" autocomplete="off" data-length><span class="quiet" aria-hidden="true">{{ $unit }}</span></span>
                            </x-swap-form>
                            <x-swap-form :project="$project" :action="route('base.change', $project)"><input type="hidden" name="act" value="mirror-flap"><input type="hidden" name="place" value="{{ $flap->thing->place }}"><button class="btn-link-like" aria-label="The flap {{ $called }}: at the other end too">at the other end too</button></x-swap-form>
                            <a href="{{ route('plan', ['project' => $project, 'face' => $flap->flap->over]) }}#thing-{{ str_replace(['.', '/'], '-', $flap->thing->place) }}">all its measures</a>
                            <x-swap-form :project="$project" method="DELETE" stage="base" :action="route('furniture.destroy', $project)"><input type="hidden" name="place" value="{{ $flap->thing->place }}"><button class="btn-link-like" aria-label="Take the flap {{ $called }} off">off</button></x-swap-form>
                        </li>
                    @endforeach
                </ol>
                <x-swap-form :project="$project" :action="route('base.change', $project)" class="row-line" id="flap-form">
                    <input type="hidden" name="act" value="flap">
                    <span class="asked"><label for="flap-area">One more, on area</label> <select class="form-select" id="flap-area" name="area">@foreach ($areas as $area)<option @selected($was('flap', 'area') === $area)>{{ $area }}</option>@endforeach</select></span>
                    <span class="asked"><label for="flap-edge">at its</label> <select class="form-select" id="flap-edge" name="edge">@foreach (\Ephemeron\Geometry\Edge::cases() as $edge)<option value="{{ $edge->value }}" @selected($was('flap', 'edge') === $edge->value)>{{ $edge->label() }}</option>@endforeach</select></span>
                    <select class="form-select" name="side" aria-label="Side its tab lies on" id="flap-side"><option value="front">tab in front</option><option value="back" @selected($was('flap', 'side') === 'back')>tab behind</option></select>
                    <span class="asked"><label for="flap-like">as large as</label> <select class="form-select" id="flap-like" name="like"><option value="">by measures</option>@foreach ($areas as $area)<option value="{{ $area }}" @selected($was('flap', 'like') === $area)>area {{ $area }}</option>@endforeach</select></span>
                    @foreach (['reach' => ['reaching', 'half'], 'breadth' => ['broad', 'all of it'], 'from' => ['from the end', 'middle'], 'tab' => ['tab', 'usual']] as $field => [$label, $usual])<span class="asked"><label for="flap-{{ $field }}">{{ $label }}</label> <span class="with-unit"><input @class(['form-control', 'is-invalid' => $errors->has($field)]) id="flap-{{ $field }}" name="{{ $field }}" value="{{ $was('flap', $field) }}" placeholder="{{ $usual }}" autocomplete="off" data-length><span class="quiet" aria-hidden="true">{{ $unit }}</span></span></span>@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
                    <select class="form-select" name="magnets" aria-label="Magnets at its free edge" id="flap-magnets">@foreach (['no magnet', 'a magnet at its free edge', 'two magnets'] as $pairs => $label)<option value="{{ $pairs }}" @selected($was('flap', 'magnets') === (string) $pairs)>{{ $label }}</option>@endforeach</select>
                    <button class="btn-plain" id="flap-glue">Glue it on</button>
                    @foreach (['area', 'like', 'edge', 'magnets'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
                </x-swap-form>
            </details>
            <details id="base-things" open><summary>What lies on it</summary>
                <ol class="base-lines">@foreach ($things as $thing)<li><span>{{ $thing->name }} <span class="quiet">@size($thing->area->size(), $notation), on {{ lcfirst($plan->blueprint->face($thing->on)->name) }}</span></span> <a href="{{ route('plan', ['project' => $project, 'face' => $thing->on]) }}#thing-{{ str_replace(['.', '/'], '-', $thing->place) }}">its measures</a></li>@endforeach</ol>
                <x-swap-form :project="$project" stage="base" :action="route('furniture.store', $project)" class="row-line">
                    <label for="thing-kind">Put a</label> <select class="form-select" id="thing-kind" name="kind">@foreach ($kinds as $kin)@foreach ($kin as $kind)<option value="{{ $kind->key() }}" @selected($kind->key() === 'pocket')>{{ lcfirst($kind->name()) }}</option>@endforeach @endforeach</select>
                    <label for="thing-face">on</label> <select class="form-select is-broad" id="thing-face" name="face">@foreach ($faces as $face)<option value="{{ $face->key }}">{{ lcfirst($face->name) }}</option>@endforeach</select>
                    <button class="btn-plain" id="thing-put">Put it there</button>
                </x-swap-form>
            </details>
            @foreach ($sides as [$along, $way, $from])
                @php($panels = $base->panels($along))
                <details open id="scores-{{ $along->value }}"><summary>Scores {{ $way }}</summary>
                    <ol class="base-lines">
                        @foreach ($panels->scores() as $index => $at)
                            @php([$number, $fold] = [$index + 1, $panels->folds[$index]])
                            <li>
                                <x-swap-form :project="$project" :action="route('base.change', $project)" hx-trigger="change, submit">
                                    <input type="hidden" name="act" value="move"><input type="hidden" name="along" value="{{ $along->value }}"><input type="hidden" name="score" value="{{ $number }}">
                                    <label class="visually-hidden" for="at-{{ $along->value }}-{{ $number }}">Score {{ $number }}, {{ $from }}</label>
                                    <span class="with-unit"><input @class(['form-control', 'is-invalid' => $errors->has('at') && $was('move', 'score') === (string) $number && $was('move', 'along') === $along->value]) id="at-{{ $along->value }}-{{ $number }}" name="at" value="{{ $was('move', 'score') === (string) $number && $was('move', 'along') === $along->value && $errors->any() ? $was('move', 'at') : $notation->bare($at) }}" autocomplete="off" data-length><span class="quiet" aria-hidden="true">{{ $unit }}</span></span>
                                </x-swap-form>
                                <x-swap-form :project="$project" :action="route('base.change', $project)" hx-trigger="change, submit">
                                    <input type="hidden" name="act" value="fold"><input type="hidden" name="along" value="{{ $along->value }}"><input type="hidden" name="score" value="{{ $number }}">
                                    <select class="form-select" name="fold" aria-label="Score {{ $number }} folds as" id="fold-{{ $along->value }}-{{ $number }}">@foreach ($folds as $value => $label)<option value="{{ $value }}" @selected(($fold?->value ?? 'none') === $value)>{{ $label }}</option>@endforeach</select><noscript><button class="btn-plain">Fold it so</button></noscript>
                                </x-swap-form>
                                @foreach (['mirror' => 'from the other end too', 'join' => 'away'] as $act => $label)
                                    <x-swap-form :project="$project" :action="route('base.change', $project)"><input type="hidden" name="act" value="{{ $act }}"><input type="hidden" name="along" value="{{ $along->value }}"><input type="hidden" name="score" value="{{ $number }}"><button class="btn-link-like" aria-label="Score {{ $number }} {{ $way }}: {{ $label }}">{{ $label }}</button></x-swap-form>
                                @endforeach
                            </li>
                        @endforeach
                    </ol>
                    <x-swap-form :project="$project" :action="route('base.change', $project)" class="row-line">
                        <input type="hidden" name="act" value="score"><input type="hidden" name="along" value="{{ $along->value }}">
                        <label for="new-{{ $along->value }}">One more at</label>
                        <span class="with-unit"><input class="form-control" id="new-{{ $along->value }}" name="at" value="{{ $errors->any() && $was('score', 'along') === $along->value ? $was('score', 'at') : '' }}" autocomplete="off" data-length><span class="quiet" aria-hidden="true">{{ $unit }}</span></span>
                        <select class="form-select" name="fold" aria-label="It folds as">@foreach ($folds as $value => $label)<option value="{{ $value }}">{{ $label }}</option>@endforeach</select>
                        <button class="btn-plain">Score it</button>
                    </x-swap-form>
                    <x-swap-form :project="$project" :action="route('base.change', $project)" class="row-line" hx-trigger="change, submit">
                        <input type="hidden" name="act" value="size"><input type="hidden" name="along" value="{{ $along->value }}">
                        <label for="all-{{ $along->value }}">In all</label>
                        <span class="with-unit"><input class="form-control" id="all-{{ $along->value }}" name="at" value="{{ $notation->bare($panels->total()) }}" autocomplete="off" data-length><span class="quiet" aria-hidden="true">{{ $unit }}</span></span>
                    </x-swap-form>
                    <p class="mb-1">Tabs to be glued: @foreach ($panels->lengths as $index => $length)<x-swap-form :project="$project" :action="route('base.change', $project)" class="d-inline"><input type="hidden" name="act" value="tab"><input type="hidden" name="along" value="{{ $along->value }}"><input type="hidden" name="score" value="{{ $index + 1 }}"><button class="btn-link-like" aria-pressed="{{ $panels->tabs[$index] ? 'true' : 'false' }}">{{ $panels->tabs[$index] ? '✓ ' : '' }}{{ $index + 1 }}: @typeset($notation->number($length))</button></x-swap-form> @endforeach</p>
                </details>
            @endforeach
            <details id="areas"><summary>Areas</summary>
                <ol class="base-lines">
                    @foreach ($base->rows->lengths as $row => $height)
                        @foreach ($base->columns->lengths as $column => $width)
                            @php($isAway = $base->cutAway->has($column + 1, $row + 1))
                            <li>{{ $column + 1 }}-{{ $row + 1 }}, @size(new \Ephemeron\Measure\Size($width, $height), $notation) <x-swap-form :project="$project" :action="route('base.change', $project)" class="d-inline"><input type="hidden" name="act" value="cut"><input type="hidden" name="column" value="{{ $column + 1 }}"><input type="hidden" name="row" value="{{ $row + 1 }}"><button class="btn-link-like" aria-label="Area {{ $column + 1 }}-{{ $row + 1 }}: {{ $isAway ? 'put back' : 'cut away' }}">{{ $isAway ? 'put back' : 'cut away' }}</button></x-swap-form></li>
                        @endforeach
                    @endforeach
                </ol>
            </details>
            <details id="base-more-lines" open><summary>Slanted lines, slits, corners</summary>
                @php($written = array_values(array_filter(explode("\n", $base->lines->written($notation->unit)))))
                <ol class="base-lines">@foreach ($written as $line)<li>{{ $line }} <x-swap-form :project="$project" :action="route('base.change', $project)" class="d-inline"><input type="hidden" name="act" value="unline"><input type="hidden" name="score" value="{{ $loop->iteration }}"><button class="btn-link-like" aria-label="Take away: {{ $line }}">away</button></x-swap-form></li>@endforeach</ol>
                <x-swap-form :project="$project" :action="route('base.change', $project)" class="row-line">
                    <input type="hidden" name="act" value="line">
                    <select class="form-select" name="kind" id="line-kind" aria-label="What the line is">@foreach (\Ephemeron\Structure\FreeLineKind::cases() as $kind)<option value="{{ $kind->value }}" @selected($was('line', 'kind') === $kind->value)>{{ $kind->value }}</option>@endforeach</select>
                    <label for="line-corners">by</label> <input @class(['form-control', 'is-broad', 'is-invalid' => $errors->has('corners')]) id="line-corners" name="corners" value="{{ $was('line', 'corners') }}" placeholder="2 × 0 to 2 × 1 1/2" maxlength="2000" autocomplete="off">
                    <button class="btn-plain">Draw it</button>
                    @error('corners')<p class="field-error">{{ $message }}</p>@enderror
                </x-swap-form>
                <p class="field-note">Across × down from the upper left corner; or press corners in the drawing one after the other; with “Draw a line by its corners” anywhere: a press takes what is near, scores, halves, thirds, quarters, and distances that are used already. What is cut away has three corners or more.</p>
            </details>
            <details id="base-pieces" open><summary>Pieces glued on</summary>
                <ol class="base-lines">@foreach ($base->pieces->pieces as $piece)<li>{{ $piece->written($notation->unit) }}</li>@endforeach</ol>
                <x-swap-form :project="$project" :action="route('base.change', $project)" class="row-line">
                    <input type="hidden" name="act" value="glue">
                    <label for="piece-name">One more</label> <input class="form-control" id="piece-name" name="name" maxlength="40" value="{{ $was('glue', 'name') }}" placeholder="its name" autocomplete="off">
                    @foreach (['wide' => 'wide', 'tall' => 'tall'] as $field => $label)<label for="piece-{{ $field }}">{{ $label }}</label> <span class="with-unit"><input @class(['form-control', 'is-invalid' => $errors->has($field)]) id="piece-{{ $field }}" name="{{ $field }}" value="{{ $was('glue', $field) }}" autocomplete="off" data-length><span class="quiet" aria-hidden="true">{{ $unit }}</span></span>@endforeach
                    <label for="piece-column">on column</label> <select class="form-select" id="piece-column" name="column">@for ($column = 1; $column <= $base->columns->count(); $column++)<option>{{ $column }}</option>@endfor</select>
                    <label for="piece-row">row</label> <select class="form-select" id="piece-row" name="row">@for ($row = 1; $row <= $base->rows->count(); $row++)<option>{{ $row }}</option>@endfor</select>
                    <select class="form-select" name="side" aria-label="Side"><option value="front">in front</option><option value="back">behind</option></select>
                    <button class="btn-plain">Glue it on</button>
                    @foreach (['name', 'wide', 'tall'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
                </x-swap-form>
            </details>
        </div>
    </div>
</x-project>

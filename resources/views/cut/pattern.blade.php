{{-- One sheet, or several cut alike: its drawing, the cuts in their order, what is left over. --}}
@php($notation = $plan->notation())
@php($steps = $pattern->steps())
@php($stepKey = $pattern->key)
<div class="pattern" id="{{ $stepKey }}" @if ($alone ?? false) hx-swap-oob="true" @endif x-data="replay({{ count($steps) }})">
    <div class="sheet" data-pin-sheet="{{ $pins->sheetOf($stockIndex, $index) }}" data-pin-step="{{ $plan->design->tools->grid->step()->inMillimetres() }}">
        {!! $drawing->draw($pattern, $notation, "{$stock->stock->name}, pattern ".($index + 1), $pictures->for($pattern)?->address, $pictures->for($pattern)?->area)->inline() !!}
        @if ($steps !== [])
            <div class="slider">
                <button class="btn-plain" type="button" @click="back" aria-label="One cut back">←</button>
                <input type="range" min="0" max="{{ count($steps) + 1 }}" x-model="at" aria-label="Cuts made on {{ $stock->stock->name }}, pattern {{ $index + 1 }}">
                <button class="btn-plain" type="button" @click="forward" aria-label="One cut on">→</button>
            </div>
        @endif
    </div>
    <div>
        <h3>@if ($pattern->supply->isCutBefore()){{ $pattern->count === 1 ? 'A piece cut before' : "{$pattern->count} pieces cut before" }}, @size($pattern->supply->sheet, $notation)@elseif ($pattern->supply->isLeftover){{ $pattern->count === 1 ? 'A leftover of' : "{$pattern->count} leftovers alike of" }} @size($pattern->supply->sheet, $notation)@else{{ $pattern->count === 1 ? 'One sheet' : "{$pattern->count} sheets alike" }}@endif</h3>
        <p class="mb-1">
            {{ $pattern->gives === [] ? 'Gave nothing that is wanted now' : 'Gives' }}
            @foreach ($pattern->gives as $letter => $count)
                <span class="num">{{ $count }} {{ $letter }}</span>@if (! $loop->last), @endif
            @endforeach
            <span class="quiet">· sheet as <a href="{{ route('export.sheet', [$project, $stepKey, 'svg']) }}">SVG</a> or <a href="{{ route('export.sheet', [$project, $stepKey, 'dxf']) }}">DXF</a></span>
        </p>
        @if ($steps === [])
            @if ($pattern->gives !== [])<p class="fs-5">The {{ $pattern->supply->isLeftover ? 'leftover' : 'sheet' }} is used whole: nothing to cut.</p>@endif
        @else
            <ol class="cuts" tabindex="0" aria-label="Cuts in order">
                @foreach ($steps as $step)
                    <li :class="{ 'is-now': isAt({{ $step->number }}), 'is-ahead': isBefore({{ $step->number }}) }">
                        <span class="quiet">{{ $step->number }}</span>
                        <span><span class="fence">@length($step->fence, $notation, false)</span><span class="same">{{ $stock->isByHand() ? 'knife and ruler' : ($step->sameFence ? 'same fence' : 'set the fence') }}{{ $stock->isByHand() ? '' : ($trimmer->isTooLong($step) ? ', with a knife' : ($trimmer->setting($step)->isAtMark() ? '' : ', between marks')) }}</span></span>
                        <span>
                            {{ $step->along === \Ephemeron\Measure\Axis::Width ? '↔' : '↕' }}
                            {{ $step->together > 1 ? $stock->passes($step)->text().',' : '' }}
                            along the {{ $step->along->value }} of @size($step->piece, $notation, false):
                            @foreach ([$step->first, $step->second] as $piece)
                                @if ($piece instanceof \Ephemeron\Cutting\Blank)
                                    <strong>{{ $piece->label() }}</strong>{{ $piece->turned ? ' (turned)' : '' }}
                                @elseif ($piece instanceof \Ephemeron\Cutting\Offcut)
                                    <span class="quiet">{{ $piece->selvage ? 'selvage strip' : 'offcut' }} @unless ($piece->selvage)@size($piece->area()->size(), $notation, false)@endunless</span>
                                @else
                                    @size($piece->area()->size(), $notation, false) to cut on
                                @endif
                                @if ($loop->first) and @endif
                            @endforeach
                        </span>
                    </li>
                @endforeach
            </ol>
        @endif
        @if ($pattern->offcuts() !== [] && ! $pattern->isCut)
            <p class="mt-2 mb-0 quiet">Left over{{ $pattern->count > 1 ? ', from each sheet' : '' }}:</p>
            <ul class="offcuts">
                @foreach ($pattern->offcuts() as $number => $offcut)
                    @php($keep ??= route('offcuts', $project))
                    @php($kept = $choices[$stepKey][$number] ?? $keeping->is($offcut->area()->size()))
                    <li>@size($offcut->area()->size(), $notation)
                            <form method="post" action="{{ $keep }}" hx-put="{{ $keep }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf @method('PUT')
                                <input type="hidden" name="step" value="{{ $stepKey }}"><input type="hidden" name="offcut" value="{{ $number }}"><input type="hidden" name="keep" value="{{ $kept ? 0 : 1 }}">
                                <button aria-pressed="{{ $kept ? 'true' : 'false' }}" aria-label="{{ $kept ? 'keep; press to bin it' : 'bin; press to keep it' }}">{{ $kept ? 'keep' : 'bin' }}</button>
                            </form>
                    </li>
                @endforeach
            </ul>
        @endif
        @if ($hand && $hand->step->key !== $stepKey && $steps !== [])<p class="mt-2 mb-0"><a href="{{ route('cut', [$project, 'sheet' => $stepKey]) }}">Take this to the trimmer</a></p>@endif
    </div>
</div>

{{-- All of it follows from the plan and the papers: it is made once for them. --}}
@php
    $notation = $plan->notation();
@endphp
@if ($sewing)
    <div class="leaves">@include('fold.choose')@include('leaves.sewing')</div>
@elseif ($markup)
    <div class="folding" x-data="folding({{ count($steps) }})" @resize.window="measure()" @keydown.window="onKey($event)">
        <div>
            @include('fold.choose')
            @foreach ($problems as $problem)<p class="said is-stop">{{ $problem }}</p>@endforeach
            <div class="theatre" x-ref="theatre" @pointerdown="grab($event)" @pointermove="drag($event)" @pointerup="letGo($event)" @pointercancel="letGo()" role="img" aria-label="{{ $names[$key] }} in space">
                {{ $markup }}
            </div>
            <div class="slider fold-controls">
                <button class="btn-plain" type="button" @click="back()" aria-label="One fold back">←</button>
                <button class="btn-main" type="button" @click="toggle()" x-text="playing ? 'Stop' : 'Fold'" id="fold-play">Fold</button>
                <button class="btn-plain" type="button" @click="forward()" aria-label="One fold on">→</button>
                <input type="range" min="0" max="{{ count($steps) }}" step="0.01" x-model.number="at" aria-label="How far it is folded">
            </div>
            <div class="sieve">
                <button class="btn-plain" type="button" @click="flip()" id="fold-flip">See it from <span x-text="seenFromBack ? 'the front' : 'behind'">behind</span></button>
                @if ($hasFlaps)<button class="btn-plain" type="button" @click="openFlaps()" id="fold-flaps">Open the flaps, or shut them</button>@endif
                <span class="sieve-by"><label for="fold-speed">Speed</label>
                <select class="form-select is-short" id="fold-speed" x-model.number="speed"><option value="0.5">slow</option><option value="1" selected>usual</option><option value="2.5">fast</option></select></span>
                <span class="quiet">Drag to turn it{{ $hasFlaps ? ', press a flap to open it' : '' }}<span class="by-keys"> · <kbd>space</kbd> fold or stop · <kbd>←</kbd> <kbd>→</kbd> single folds · <kbd>b</kbd> behind @if ($hasFlaps)· <kbd>f</kbd> flaps @endif</span></span>
            </div>
            <ol class="fold-steps" aria-label="Folds in order" tabindex="0">
                @foreach ($steps as $step)
                    <li data-step="{{ $step->number }}" @click="goTo({{ $step->number }})"><span class="quiet">{{ $step->number }}</span> @typeset($step->text)</li>
                @endforeach
            </ol>
        </div>
        <div class="particulars">
            <details open class="is-further" id="map" x-ignore><summary>Page map</summary>
                @php($fallen = $map->fallen())
                @if ($fallen !== [])<p class="said mb-2">{{ count($fallen) }} {{ count($fallen) === 1 ? 'print does' : 'prints do' }} not stand upright: {{ collect($fallen)->map(fn ($face) => lcfirst($face->face->name))->implode(', ') }}.</p>@endif
                @if ($map->turned !== [])
                    <p class="field-note">Before it is folded the sheet can be turned. Prints that then do not stand upright: @foreach ($map->turned as $way => $count){{ $way }} {{ $count }}{{ $loop->last ? '.' : ',' }} @endforeach {{ min($map->turned) === $map->turned['as it lies'] ? 'As it lies is as good as any.' : 'Fewest: '.array_search(min($map->turned), $map->turned, true).'.' }}@unless (collect($map->faces)->contains->hasDirection) The paper chosen now may lie any way; what is written here is how a print with a head would lie.@endunless</p>
                @endif
                <table class="pieces page-map">
                    <thead><tr><th scope="col">Face</th><th scope="col">Piece, side</th><th scope="col">Print</th><th scope="col">Opens</th><th scope="col">Hinge</th></tr></thead>
                    <tbody>
                        @foreach ($map->faces as $face)
                            <tr @class(['opens-here' => $plan->blueprint->rightOf($face->face->key) !== null])>
                                <th scope="row">{{ $face->face->name }}</th>
                                <td class="text-nowrap">{{ $face->letter }}, {{ $face->face->paper->side->value }}</td>
                                <td>{{ $face->showsCore ? 'core' : ($face->hasDirection || $map->sheet !== null || $face->lie !== \Ephemeron\Blueprint\Lie::Upright ? $face->lie->label() : 'any way') }}</td>
                                <td>{{ $face->opening ? $face->opening->label() : '' }}</td>
                                <td>{{ $face->face->hinge ? $face->face->hinge->label() : '' }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </details>
            <details open class="is-further" id="section"><summary>Closed, cut across</summary>
                <div class="sheet">{!! $profileDrawing->draw($profile)->inline() !!}</div>
                <p class="field-note">In real scale: dark, the bare leaves; then what is built on them; light, filled with prints. Spine @length($profile->spine(true), $notation), thickest @length($profile->thickest(true), $notation), fore-edge @length($profile->foreEdge(true), $notation).</p>
                <p class="field-note">A band once round the filled book takes @length($profile->round(), $notation), and what overlaps.</p>
            </details>
        </div>
    </div>
@else
    <p class="fs-5">No piece of this book is scored, so nothing folds.</p>
@endif
@php($mapped = collect($plan->blueprint->parts)->filter(fn ($part) => $mapDrawing->shows($part) && $part->creases !== []))
@if ($mapped->isNotEmpty())
    <section class="mt-4" aria-labelledby="flat-maps">
        <h2 class="section-title" id="flat-maps">Flat, with the pages</h2>
        <p class="quiet mb-1">Lay this beside the trimmer. Numbers and arrows stand as the reader will see them; a dot marks where the leaf opens.</p>
        <div class="flat-maps" x-ignore>
            @php($flat = array_map(fn ($type) => new \App\View\Addresses('export.pattern', $project, \App\View\Addresses::EACH, $type), ['FOLD' => 'fold', 'SVG' => 'svg', 'DXF' => 'dxf']))
            @foreach ($mapped as $part)
                <figure class="sheet">{!! $mapDrawing->draw($part)->inline() !!}<figcaption>{{ $part->letter }} · {{ $part->name }}{{ $plan->countOf($part) > 1 ? ", all {$plan->countOf($part)}" : '' }} <span class="quiet">· as @foreach ($flat as $label => $address)<a href="{{ $address->of($part->letter) }}">{{ $label }}</a>@if (! $loop->last), @endif @endforeach</span></figcaption></figure>
            @endforeach
        </div>
    </section>
@endif

@php
    $notation = $plan->notation();
    $block = $gathered->block;
    $leaves = $plan->design->leaves;
    $open = $gathered->template->open();
    $signatures = count($block->signatures);
    $sheets = count($block->signatures[0]->sheets ?? []);
    $usual = \Ephemeron\Gathering\SignatureSize::usual($signatures, $leaves->heap === []);
    $hue = fn ($paper) => $paper->hue === null ? '#e9e4d4' : "hsl({$paper->hue}, 45%, 82%)";
    $face = 0;
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Leaves">
    @if ($said && ! $search)<p class="said" role="status">{{ $said }}</p>@endif
    @if ($search)<p class="said" role="status" id="ordering" hx-get="{{ route('leaves', $project) }}" hx-trigger="load delay:1s" hx-select="#stage" hx-target="#stage" hx-swap="outerHTML">The leaves are being put in order: {{ $search->share }} %. <noscript>Come back in a moment.</noscript></p>@endif
    @error('order')<p class="said is-stop" role="alert">{{ $message }}</p>@enderror
    <div class="workplace leaves">
        <div class="drawn">
            @foreach ($block->signatures as $number => $signature)
                <section aria-labelledby="signature-{{ $number }}">
                    <h2 class="section-title" id="signature-{{ $number }}">{{ $signatures === 1 ? 'The signature' : 'Signature '.($number + 1) }} <span class="quiet">seen from its foot; the fold at the left, the front above</span></h2>
                    <div class="sheet">{!! $drawing->draw($signature, $letters[$number], $gathered->template->leaf->width)->inline() !!}</div>
                    @if ($leaves->heap !== [])<ol class="openings-of-leaves">
                        @foreach ($signature->openings($face) as $opening)
                            @php($rules = $broken[$opening->number] ?? [])
                            <li @class(['is-broken' => $rules !== [], 'is-middle' => $opening->isMiddle()])>
                                @foreach ([[$opening->left, $opening->number, 'back'], [$opening->right, $opening->number + 1, 'front']] as [$leaf, $of, $which])
                                    @php($paper = $leaf->paper())
                                    <a class="leaf-face" href="{{ route('plan', ['project' => $project, 'face' => 'leaf-'.intdiv($of + 1, 2).'-'.$which]) }}"><i style="background:{{ $hue($paper) }}">{{ $of }}</i> <span>{{ $paper->stock->name }} <small>{{ implode(' · ', array_filter([$leaf->hasPocket() ? 'pocket' : '', $paper->hasText ? 'text' : '', $leaf->writing() === 0 ? 'no room to write' : ''])) }}</small></span></a>
                                @endforeach
                                @if ($opening->isMiddle())<small class="quiet">the middle</small>@endif
                                @foreach ($rules as $rule)<em class="rule-broken">not kept: {{ $rule->label() }}</em>@endforeach
                            </li>
                        @endforeach
                    </ol>
                        <details class="sheets-of" @if ($signatures === 1) open @endif><summary>Sheets from the outermost in</summary>
                            <ol class="sheet-order" x-data="ordering">
                                @php($seen = [])
                                @foreach ($signature->sheets as $index => $sheet)
                                    @php($which = $sheet->meeting->paper->key.'-'.($seen[$sheet->meeting->paper->key] = 1 + ($seen[$sheet->meeting->paper->key] ?? 0)))
                                    <li id="sheet-{{ $number }}-{{ $index }}"><b title="Draw it to another place" @pointerdown="take" @pointermove="carry" @pointerup="lay" @pointercancel="leave">{{ $letters[$number][$index] }}</b> <i class="swatch" style="background:{{ $hue($sheet->meeting->paper) }}"></i> {{ $sheet->meeting->paper->stock->name }}
                                        @php($creep = $gathered->creep($signature, $index))
                                        <small class="quiet">@if ($creep->isPositive())stands out up to @length($notation->grid->up($creep), $notation), @endif a tab may @length($notation->grid->down($gathered->roomForTab($signature, $index)), $notation)</small>
                                        <form method="post" action="{{ route('leaves.move', $project) }}" hx-patch="{{ route('leaves.move', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf @method('PATCH')
                                            <input type="hidden" name="revision" value="{{ $project->revision }}"><input type="hidden" name="stage" value="leaves">
                                            <input type="hidden" name="signature" value="{{ $number }}"><input type="hidden" name="from" value="{{ $index }}">
                                            <button class="btn-plain" id="out-{{ $number }}-{{ $which }}" name="to" value="{{ max(0, $index - 1) }}" @disabled($index === 0) aria-label="{{ $sheet->meeting->paper->stock->name }}, sheet {{ $index + 1 }}: one further out">↑</button>
                                            <button class="btn-plain" id="in-{{ $number }}-{{ $which }}" name="to" value="{{ min(count($signature->sheets) - 1, $index + 1) }}" @disabled($index === count($signature->sheets) - 1) aria-label="{{ $sheet->meeting->paper->stock->name }}, sheet {{ $index + 1 }}: one further in">↓</button>
                                        </form></li>
                                @endforeach
                            </ol>
                        </details>
                    @endif
                </section>
                @php($face += 2 * count($signature->leaves()))
            @endforeach
        </div>
        <div class="lists">@if ($sewing)@include('leaves.sewing')@endif</div>
        <div class="particulars">
            <dl class="tally">
                <div><dd>{{ $block->sheets() }}</dd><dt>sheets</dt></div>
                <div><dd>{{ count($block->leaves()) }}</dd><dt>leaves</dt></div>
                <div><dd>{{ $block->faces() }}</dd><dt>faces</dt></div>
                <div><dd>{{ $block->writingInPercent() }} %</dd><dt>to write on, {{ rtrim(rtrim(number_format($block->writing(), 1), '0'), '.') }} faces</dt></div>
                <div><dd>@length($notation->grid->up($block->pressed()), $notation)</dd><dt>pressed</dt></div>
                <div><dd>@length($notation->grid->up($block->sewn()), $notation)</dd><dt>sewn</dt></div>
                <div><dd>@length($notation->grid->up($block->filled($plan->design->parameters->length('leaf'))), $notation)</dd><dt>filled</dt></div>
                <div><dd>{{ (int) round($block->weight()) }} g</dd><dt>of paper</dt></div>
            </dl>
            @if (! $usual->holds($sheets))<p class="said">{{ $signatures === 1 ? 'One signature' : ($signatures === 2 ? 'Two signatures' : 'So many signatures') }}{{ $leaves->heap === [] ? ' of one paper' : '' }}: usually {{ $usual->least }} to {{ $usual->most }} sheets{{ $signatures > 1 ? ' each' : '' }}. A guide, not a law.</p>@endif
            @foreach ($block->tooManyReferences() as $many)<p class="said is-watch">Signature {{ $many }} has more than one sheet like a dictionary: one is enough.</p>@endforeach
            @if ($leaves->heap !== [] && $block->sheets() < $signatures * max(1, (int) ($plan->design->parameters->count('sheets'))))<p class="said is-watch">The heap has {{ $block->sheets() }} sheets; {{ $signatures * $plan->design->parameters->count('sheets') }} are asked for.</p>@endif
            @if ($leaves->heap !== [])
                <form method="post" action="{{ route('leaves.propose', $project) }}" hx-post="{{ route('leaves.propose', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" class="mb-3">@csrf
                    <input type="hidden" name="revision" value="{{ $project->revision }}"><input type="hidden" name="stage" value="leaves">
                    <button class="btn-main" id="propose">Propose an order</button>
                    <span class="quiet">{{ $isSaid ? 'This order is yours.' : 'This order follows the heap.' }}</span>
                </form>
            @endif
            @if ($leaves->heap !== [])
            <details open id="rules"><summary>Rules</summary>
                @php($all = collect($broken)->flatten())
                <ul class="leaf-rules">
                    @foreach (\Ephemeron\Gathering\OrderRule::cases() as $rule)
                        @php($count = $all->filter(fn ($each) => $each === $rule)->count())
                        <li @class(['is-broken' => $count > 0])>{{ ucfirst($rule->label()) }}: {{ $count === 0 ? 'kept' : ($count === 1 ? 'once not' : "{$count} times not") }}</li>
                    @endforeach
                </ul>
            </details>
                <details id="wishes" @if ($leaves->wishes != new \Ephemeron\Gathering\Wishes) open @endif><summary>Chosen leaves</summary>
                    <x-change-form :project="$project" stage="leaves">
                        @foreach (['first' => 'First leaf', 'second' => 'Second leaf', 'middle' => 'In the middle'] as $wish => $label)
                            <div class="field is-wide"><label for="wish-{{ $wish }}">{{ $label }}</label>
                                <select class="form-select" id="wish-{{ $wish }}" name="set[leaves.{{ $wish }}]"><option value="">any</option>@foreach ($leaves->heap as $paper)<option value="{{ $paper->key }}" @selected($leaves->wishes->{$wish} === $paper->key)>{{ $paper->stock->name }}</option>@endforeach</select></div>
                        @endforeach
                        <noscript><button class="btn-plain">Keep</button></noscript>
                    </x-change-form>
                </details>
            @endif
            <details open id="heap"><summary>The heap</summary>
                @if ($leaves->heap === [])
                    <p class="field-note">All sheets are of {{ $plan->design->materials['leaf']->name }}. Put papers on the heap, and the signatures are gathered from them.</p>
                @else
                    @php($mix = \Ephemeron\Gathering\Mix::usual($signatures * $sheets))
                    @foreach (\Ephemeron\Gathering\LeafKind::cases() as $kind)
                        @php($of = array_filter($leaves->heap, fn ($paper) => $paper->kind === $kind))
                        @php($there = array_sum(array_map(fn ($paper) => $paper->count, $of)))
                        @php($used = count(array_filter(array_merge(...array_map(fn ($signature) => $signature->sheets, $block->signatures)), fn ($sheet) => $sheet->meeting->paper->kind === $kind)))
                        <h3 class="heap-kind">{{ ucfirst($kind->label()) }} <span class="quiet">{{ $used }} of {{ $there }}; usual {{ $mix->count($kind) }}</span></h3>
                        @if ($there > 0)
                            @php($place = "leaves.mix-{$kind->value}")
                            @php($typed = is_array(old('set')) ? (old('set')[$place] ?? null) : null)
                            <x-change-form :project="$project" stage="leaves">
                                <div class="field"><label for="mix-{{ $kind->value }}">How many go in</label><input @class(['form-control', 'is-invalid' => $errors->has($place)]) id="mix-{{ $kind->value }}" name="set[{{ $place }}]" value="{{ $errors->has($place) && is_string($typed) ? $typed : ($leaves->mix[$kind->value] ?? '') }}" placeholder="{{ $used }}" inputmode="numeric" autocomplete="off">@error($place)<p class="field-error">{{ $message }}</p>@enderror</div>
                            </x-change-form>
                        @endif
                        @foreach ($of as $index => $paper)
                            @include('leaves.paper')
                        @endforeach
                    @endforeach
                @endif
                @if ($leaves->heap !== [])
                    @php($place = 'parameters.fold-from')
                    <x-change-form :project="$project" stage="leaves">
                        <div class="field"><label for="fold-from">Fold over from</label><input @class(['form-control', 'is-invalid' => $errors->has($place)]) id="fold-from" name="set[{{ $place }}]" value="{{ $errors->has($place) && is_string(old('set')[$place] ?? null) ? old('set')[$place] : $notation->number($plan->design->parameters->length('fold-from')) }}" autocomplete="off" data-length>@error($place)<p class="field-error">{{ $message }}</p>@enderror</div>
                        <p class="field-note">A sheet that is so much too large or more is folded over; less is trimmed.</p>
                    </x-change-form>
                @endif
                @include('leaves.add')
            </details>
            <details id="template" @if ($errors->hasAny(['cover-width', 'cover-height'])) open @endif><summary>Template</summary>
                <p class="field-note">A card @size($open, $notation), folded in the middle: a leaf is @size($gathered->template->leaf, $notation). Lay every sheet on it, first by height, then by width. From these leaves follows a cover @length((new \Ephemeron\Design\Allowances($plan->design->unit))->quarter(), $notation) larger each way.</p>
                <form method="post" action="{{ route('leaves.template', $project) }}" hx-post="{{ route('leaves.template', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" novalidate>@csrf
                    <input type="hidden" name="revision" value="{{ $project->revision }}"><input type="hidden" name="stage" value="leaves">
                    <p class="field-note">The other way round, leaves for a cover you have:</p>
                    @foreach (['cover-width' => 'Half of the cover, width', 'cover-height' => 'Height', 'tabs' => 'Room for tabs'] as $field => $label)
                        <div class="field"><label for="{{ $field }}">{{ $label }}</label><input @class(['form-control', 'is-invalid' => $errors->has($field)]) id="{{ $field }}" name="{{ $field }}" value="{{ old($field) }}" @if ($field === 'tabs') placeholder="0" @else data-length @endif autocomplete="off">@error($field)<p class="field-error">{{ $message }}</p>@enderror</div>
                    @endforeach
                    <button class="btn-plain">Make the leaves for it</button>
                </form>
            </details>
        </div>
    </div>
</x-project>

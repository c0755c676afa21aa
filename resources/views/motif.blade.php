@php
    $notation = $plan->notation();
    [$wide, $tall] = [$size->width->inMillimetres(), $size->height->inMillimetres()];
    $margin = max($wide, $tall) * 0.4;
    $step = $plan->design->tools->grid->step()->inMillimetres();
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Paper">
    @if (session('changed'))<p class="said" role="status">Changed: {{ session('changed') }}</p>@endif
    @error('motif')<p class="said is-stop" role="alert">{{ $message }}</p>@enderror
    <h2 class="section-title">The motif under {{ lcfirst($seat->face->name) }} <span class="quiet">{{ $seat->name() }} · <a href="{{ route('paper', $project) }}#face-{{ $seat->page->key }}">back to the papers</a></span></h2>
    @if ($seen === null)
        <p class="fs-5">{{ $motif === null ? 'It finds no room on its sheets: there is no motif to move yet.' : 'There is no picture of its paper. Give it one in the drawer, and draw the motif to where you want it.' }}</p>
    @else
        @php([$x, $y] = match ($seen->crop->quarters) { 1 => [$wide, 0], 2 => [$wide, $tall], 3 => [0, $tall], default => [0, 0] })
        <div class="workplace">
            <div class="drawn">
                <svg class="motif-drawing" x-data="motif({{ \App\View\Expression::of(['step' => $step, 'unit' => $plan->design->unit->value]) }})" viewBox="{{ -$margin }} {{ -$margin }} {{ $wide + 2 * $margin }} {{ $tall + 2 * $margin }}" tabindex="0" role="application" aria-label="The print under {{ $seat->face->name }}: arrow keys move it by a mark, with Shift by eight" @pointerdown="take($event)" @pointermove="drag($event)" @pointerup="drop()" @pointercancel="drop()" @keydown="nudge($event)">
                    <g x-ref="print"><g transform="translate({{ $x }} {{ $y }}) rotate({{ 90 * $seen->crop->quarters }}) translate({{ -$seen->crop->area->left()->inMillimetres() }} {{ -$seen->crop->area->top()->inMillimetres() }})"><image x="{{ $seen->picture->area->left()->inMillimetres() }}" y="{{ $seen->picture->area->top()->inMillimetres() }}" width="{{ $seen->picture->area->width()->inMillimetres() }}" height="{{ $seen->picture->area->height()->inMillimetres() }}" preserveAspectRatio="none" href="{{ $seen->picture->address }}"/></g></g>
                    <path class="motif-beside" fill-rule="evenodd" d="M-4000 -4000H4000V4000H-4000ZM0 0V{{ $tall }}H{{ $wide }}V0Z"/>
                    <rect class="motif-piece" width="{{ $wide }}" height="{{ $tall }}"/>
                </svg>
            </div>
            <div class="particulars">
                <p>Draw the print to where you want it under the piece, or move it by arrow keys; then cut it there. The plan is made anew round it.</p>
                <p>It is cut at @length($motif->place->area->left(), $notation) from the left and @length($motif->place->area->top(), $notation) from the head of {{ $seen->crop->paper }}{{ $spot ? ', as you chose' : ', as the plan has it' }}.</p>
                <x-swap-form :project="$project" :action="route('motif.move', $project)" stage="paper">
                    <input type="hidden" name="place" value="{{ $seat->place }}">
                    <div class="field"><label for="motif-right">Further right</label><span class="with-unit"><input @class(['form-control', 'is-invalid' => $errors->has('right')]) id="motif-right" name="right" value="{{ is_string(old('right')) ? old('right') : '0' }}" autocomplete="off"><span class="quiet" aria-hidden="true">{{ $plan->design->unit->value }}</span></span>@error('right')<p class="field-error">{{ $message }}</p>@enderror</div>
                    <div class="field"><label for="motif-down">Further down</label><span class="with-unit"><input @class(['form-control', 'is-invalid' => $errors->has('down')]) id="motif-down" name="down" value="{{ is_string(old('down')) ? old('down') : '0' }}" autocomplete="off"><span class="quiet" aria-hidden="true">{{ $plan->design->unit->value }}</span></span>@error('down')<p class="field-error">{{ $message }}</p>@enderror</div>
                    <button class="btn-main" id="cut-there">Cut it there</button>
                    @if ($spot)<button class="btn-plain" name="free" value="1" id="let-go">Anywhere again</button>@endif
                </x-swap-form>
            </div>
        </div>
    @endif
</x-project>

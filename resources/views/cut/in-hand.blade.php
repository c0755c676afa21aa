{{-- The sheet at the trimmer: one cut, read at arm's length. --}}
@php($cut = $hand->cut())
<section class="trimmer at-hand" id="trimmer" aria-label="At the trimmer" x-data="trimmer" @keydown.window="onKey($event)" data-awake data-swipe data-aloud>
    <div class="hand-number">
        <p class="quiet mb-0">{{ $hand->sheet }} of {{ $hand->sheets }}: {{ $hand->stock->stock->name }}, {{ $hand->pattern->supply->isCutBefore() ? 'cut before' : ($hand->pattern->supply->isLeftover ? ($hand->pattern->count === 1 ? 'a leftover' : "{$hand->pattern->count} leftovers alike") : ($hand->pattern->count === 1 ? 'one sheet' : "{$hand->pattern->count} sheets alike")) }}{{ $cut ? ' · cut '.($hand->done + 1).' of '.count($hand->step->places) : '' }}</p>
        @if ($cut)
            <p class="fence-now" data-say><span class="quiet">{{ $hand->stock->isByHand() ? 'knife and ruler at' : ($cut->sameFence ? 'fence stays at' : 'fence') }}</span> <strong>@length($cut->fence, $notation, false)</strong></p>
            @if ($allowance && ! $hand->stock->isByHand())<p class="own-allowance mb-0">With your own allowance: <strong>{{ $notation->exact($cut->fence->minus($allowance)) }}</strong></p>@endif
        @endif
    </div>
    <div class="sheet hand-drawing">
        @php($drawn = $handDrawing->draw($hand, $notation, $pictures->for($hand->pattern)))
        {!! $drawn->inline() !!}
    </div>
    <div class="hand-more">
        @if ($cut)
            @if (! $hand->stock->isByHand() && $trimmer->advice($cut, $notation) !== '')<p class="field-error mb-2">@typeset($trimmer->advice($cut, $notation))</p>@endif
            @if ($hand->stock->isByHand() || $trimmer->isTooLong($cut))<p class="hold mb-2">{{ \Ephemeron\Blueprint\Caution::Knife->text() }}</p>@endif
            <p class="fs-5 mb-1" data-say>Cut {{ $cut->together === 1 ? 'the piece' : "{$cut->together} pieces".($hand->stock->passes($cut)->count() === 1 ? ' together' : ', '.$hand->stock->passes($cut)->text()) }}, @size($cut->piece, $notation), its {{ $cut->along->value }} along the scale.</p>
            <dl class="falls">
                <div><dt>{{ $hand->side(true) }}</dt><dd>@typeset($hand->fate($cut->first)) <span class="turn">{{ $hand->turn(true) }}</span></dd></div>
                <div><dt>{{ $hand->side(false) }}</dt><dd>@typeset($hand->fate($cut->second)) <span class="turn">{{ $hand->turn(false) }}</span></dd></div>
            </dl>
            <p class="fs-5 mb-2" data-say>@typeset($hand->then())</p>
        @else
            <p class="fs-4 my-3">Used whole: nothing to cut. Pencil {{ implode(', ', array_keys($hand->pattern->gives)) }} on the back.</p>
        @endif
        <div class="controls is-at-the-thumb">
            <form method="post" x-ref="cut" data-table="on" data-once="cut" action="{{ route('ticks.update', $project) }}" hx-put="{{ route('ticks.update', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf @method('PUT')
                <input type="hidden" name="stage" value="cut"><input type="hidden" name="step" value="{{ $hand->step->key }}"><input type="hidden" name="done" value="1">@if ($cut)<input type="hidden" name="place" value="{{ $hand->done }}">@endif
                <button class="btn-main" id="cut-made">{{ $cut ? 'Cut' : 'Labelled' }}</button>
            </form>
            @if ($hand->done > 0)
                <form method="post" x-ref="back" data-table="back" data-once="back" action="{{ route('ticks.update', $project) }}" hx-put="{{ route('ticks.update', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf @method('PUT')
                    <input type="hidden" name="stage" value="cut"><input type="hidden" name="step" value="{{ $hand->step->key }}"><input type="hidden" name="done" value="0"><input type="hidden" name="place" value="{{ $hand->done - 1 }}">
                    <button class="btn-plain" id="cut-back">← Not cut yet</button>
                </form>
            @endif
            <span class="quiet"><kbd>space</kbd> cut · <kbd>←</kbd> one back</span>
        </div>
        <x-spoiled :project="$project" :parts="$hand->parts()" stage="cut"/>
        <ul class="notes">@include('partials.about-pieces', ['parts' => $hand->parts(), 'strikes' => true])</ul>
        <details class="spoiled" id="about-a-piece" @if ($errors->hasAny(['text', 'photo'])) open @endif>
            <summary>Note something about a piece</summary>
            <form class="noting" method="post" action="{{ route('notes.store', $project) }}" enctype="multipart/form-data">@csrf
                <input type="hidden" name="stage" value="cut"><input type="hidden" name="from" value="{{ $hand->step->key }}">
                <select class="form-select" name="step" aria-label="Which piece">@foreach ($hand->parts() as $part)<option value="{{ \App\Models\Note::PIECE.$part->key }}" @selected(old('step') === \App\Models\Note::PIECE.$part->key)>{{ $part->letter }}, {{ $part->called() }}</option>@endforeach</select>
                <input @class(['form-control', 'is-invalid' => $errors->has('text')]) name="text" aria-label="Note something" maxlength="500" value="{{ is_string(old('text')) ? old('text') : '' }}" autocomplete="off">
                <label class="btn-plain photo-of"><input type="file" name="photo" accept="image/*" capture="environment" @change="$el.form.requestSubmit()"> Photograph</label>
                <button class="btn-plain">Note</button>
            </form>
            @foreach (['text', 'photo'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
        </details>
    </div>
</section>

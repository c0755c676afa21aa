{{-- The sheet at the trimmer: one cut, read at arm's length. --}}
@php($notation = $plan->notation())
@php($ticking = route('ticks.update', $project))
@php($cut = $hand->cut())
@php($after = $hand->afterThisCut())
<section class="trimmer at-hand" id="trimmer" aria-label="At the trimmer" x-data="trimmer" @keydown.window="onKey($event)" data-awake data-swipe data-aloud>
    @include('cut.now.number')
    @include('cut.now.drawing')
    <div class="hand-more">
        @include('cut.now.words')
        <div class="controls is-at-the-thumb">
            <form method="post" x-ref="cut" data-table="on" data-once="cut" action="{{ $ticking }}" hx-put="{{ $ticking }}" hx-target="#trimmer" hx-swap="outerHTML">@csrf @method('PUT')
                <input type="hidden" name="stage" value="cut"><input type="hidden" name="step" value="{{ $hand->step->key }}"><input type="hidden" name="done" value="1">@if ($cut)<input type="hidden" name="place" value="{{ $hand->done }}">@endif
                <button class="btn-main" id="cut-made">{{ $cut ? 'Cut' : 'Labelled' }}</button>
            </form>
            @if ($hand->done > 0)
                <form method="post" x-ref="back" data-table="back" data-once="back" action="{{ $ticking }}" hx-put="{{ $ticking }}" hx-target="#trimmer" hx-swap="outerHTML">@csrf @method('PUT')
                    <input type="hidden" name="stage" value="cut"><input type="hidden" name="step" value="{{ $hand->step->key }}"><input type="hidden" name="done" value="0"><input type="hidden" name="place" value="{{ $hand->done - 1 }}">
                    <button class="btn-plain" id="cut-back">← Not cut yet</button>
                </form>
            @endif
            <span class="quiet by-keys"><kbd>space</kbd> cut · <kbd>←</kbd> one back</span>
        </div>
        <x-spoiled :project="$project" :parts="$hand->parts()" stage="cut"/>
        <ul class="notes">@include('partials.about-pieces', ['parts' => $hand->parts(), 'strikes' => true])</ul>
        <details class="spoiled" id="about-a-piece" @if ($errors->hasAny(['text', 'photo'])) open @endif>
            <summary>Note something about a piece</summary>
            <form class="noting" method="post" action="{{ route('notes.store', $project) }}" enctype="multipart/form-data">@csrf<x-once/>
                <input type="hidden" name="stage" value="cut"><input type="hidden" name="from" value="{{ $hand->step->key }}">
                <select class="form-select" name="step" aria-label="Which piece">@foreach ($hand->parts() as $part)<option value="{{ \App\Models\Note::PIECE.$part->key }}" @selected(old('step') === \App\Models\Note::PIECE.$part->key)>{{ $part->letter }}, {{ $part->called() }}</option>@endforeach</select>
                <input @class(['form-control', 'is-invalid' => $errors->has('text')]) name="text" aria-label="Note something" maxlength="500" value="{{ is_string(old('text')) ? old('text') : '' }}" autocomplete="off">
                <label class="btn-plain photo-of"><input type="file" name="photo" accept="image/*" capture="environment" @change="$el.form.requestSubmit()"> Photograph</label>
                <button class="btn-plain">Note</button>
            </form>
            @foreach (['text', 'photo'] as $field)@error($field)<p class="field-error">{{ $message }}</p>@enderror @endforeach
        </details>
    </div>
    @if ($after)
        {{-- Seen the moment the cut is ticked, while the tick is on its way. --}}
        <template id="after-this-cut">
            @include('cut.now.number', ['hand' => $after])
            @include('cut.now.drawing', ['hand' => $after])
            @include('cut.now.words', ['hand' => $after])
        </template>
    @endif
</section>

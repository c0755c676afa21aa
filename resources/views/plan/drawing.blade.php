{{-- The opening one looks at: after a change it is there before the rest of the page. --}}
<div class="sheet big-drawing" x-data="placing({{ \App\View\Expression::of(['move' => route('furniture.update', $project), 'put' => ($putting ?? null) ? route('furniture.store', $project) : null, 'kind' => ($putting ?? null)?->key(), 'revision' => $project->revision, 'face' => $seen->face->key]) }})" @pointerdown="grab($event)" @pointermove="drag($event)" @pointerup="drop($event)" @pointercancel="letGo()" @keydown="nudge($event)" @click.capture="put($event)">
    @php($drawing = $seen->spreads->draw($seen->opening, $seen->face->key, fn ($face) => route('plan', $project).'?'.Arr::query(['face' => $face->key]), lifted: $seen->lifted, step: $grid->step()->inMillimetres()))
    {!! $drawing->inline(hasLinks: true) !!}
    <x-legend :kinds="$drawing->kinds()"><li>letters in rings: the pieces of the list below</li><li>arrow: the way the print runs</li></x-legend>
</div>

{{-- The opening one looks at. After a change it comes before the rest of its page, which then is fetched. --}}
<!--first--><div class="sheet big-drawing" data-first data-revision="{{ $project->revision }}" x-data="placing({{ \App\View\Expression::of(['move' => route('furniture.update', $project), 'put' => $putting ? route('furniture.store', $project) : null, 'kind' => $putting?->key(), 'revision' => $project->revision, 'face' => $face->key]) }})" @pointerdown="grab($event)" @pointermove="drag($event)" @pointerup="drop($event)" @pointercancel="letGo()" @keydown="nudge($event)" @click.capture="put($event)">
    @php($here = route('plan', $project))
    @php($drawing = $spreads->draw($opening, $face->key, fn ($seen) => $here.'?'.Arr::query(['face' => $seen->key]), lifted: $lifted, step: $layout->design->tools->grid->step()->inMillimetres()))
    {!! $drawing->inline(hasLinks: true) !!}
    <x-legend :kinds="$drawing->kinds()"><li>letters in rings: the pieces of the list below</li><li>arrow: the way the print runs</li></x-legend>
</div><!--/first-->

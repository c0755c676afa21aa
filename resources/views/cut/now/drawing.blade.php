<div class="sheet hand-drawing" data-now="drawing">
    @php($drawn = $handDrawing->draw($hand, $notation, $pictures->for($hand->pattern)))
    {!! $drawn->inline() !!}
</div>

@php($cut = $hand->cut())
<div data-now="words">
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
</div>

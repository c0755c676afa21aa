@php($cut = $hand->cut())
<div class="hand-number" data-now="number">
    <p class="quiet mb-0">{{ $hand->sheet }} of {{ $hand->sheets }}: {{ $hand->stock->stock->name }}, {{ $hand->pattern->supply->isCutBefore() ? 'cut before' : ($hand->pattern->supply->isLeftover ? ($hand->pattern->count === 1 ? 'a leftover' : "{$hand->pattern->count} leftovers alike") : ($hand->pattern->count === 1 ? 'one sheet' : "{$hand->pattern->count} sheets alike")) }}{{ $cut ? ' · cut '.($hand->done + 1).' of '.count($hand->step->places) : '' }}</p>
    @if ($cut)
        <p class="fence-now" data-say><span class="quiet">{{ $hand->stock->isByHand() ? 'knife and ruler at' : ($cut->sameFence ? 'fence stays at' : 'fence') }}</span> <strong>@length($cut->fence, $notation, false)</strong></p>
        @if ($allowance && ! $hand->stock->isByHand())<p class="own-allowance mb-0">With your own allowance: <strong>{{ $notation->exact($cut->fence->minus($allowance)) }}</strong></p>@endif
    @endif
</div>

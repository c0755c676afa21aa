@props(['of', 'notation', 'unit' => true])
@php($other = \Ephemeron\Measure\Notation::usual($notation->unit->other()))
<span class="num" title="{{ $notation->exact($of->width) }} × {{ $notation->exact($of->height) }} · {{ $other->size($of) }}">@typeset($notation->number($of->width).' × '.$notation->number($of->height).($unit ? ' '.$notation->unit->value : ''))<span class="other">@typeset($other->size($of))</span></span>{{--
--}}
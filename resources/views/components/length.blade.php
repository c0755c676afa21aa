@props(['of', 'notation', 'unit' => true])
@php($other = \Ephemeron\Measure\Notation::usual($notation->unit->other()))
<span class="num" title="exactly {{ $notation->exact($of) }} · {{ $other->text($of) }}">@typeset($unit ? $notation->text($of) : $notation->number($of))<span class="other">@typeset($other->text($of))</span></span>{{--
--}}
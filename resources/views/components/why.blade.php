@props(['text', 'of'])
@if ($text !== '')
    <details class="why"><summary aria-label="Why? {{ $of }}">why?</summary><p>@typeset($text)</p></details>
@endif

{{-- What a plan takes, and what it leaves without paper: a total never hides that. --}}
@props(['plan', 'for' => ''])
{{ $plan->sheets() }} {{ $plan->sheets() === 1 ? 'sheet' : 'sheets' }}{{ $plan->leftovers() > 0 ? ' and '.$plan->leftovers().' '.($plan->leftovers() === 1 ? 'leftover' : 'leftovers') : '' }}{{ $for }}@if ($plan->missing() > 0)<span class="missing">{{ \App\Planning\NotPlaced::said($plan->missing()) }}</span>@endif

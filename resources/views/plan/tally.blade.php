@php
    $delta = fn (int $now, ?int $was) => $was === null || $now === $was ? '' : ($now > $was ? '+' : '−').abs($now - $was);
    $whySheets = collect($plan->stocks)->map(fn ($stock) => "{$stock->stock->name}: {$stock->cuts->sheets()}".($stock->cuts->sheets() === $stock->cuts->lowerBound ? ', fewer is impossible' : ", at least {$stock->cuts->lowerBound}"))->implode('. ').'.';
    $whyThick = "Bare {$notation->text($plan->blueprint->bare())}; with mats and what is glued on {$notation->text($plan->thickness(false))}; with prints in pockets and on free faces {$notation->text($plan->thickness(true))}. Every layer adds its thickness where it lies; this is where most lie on each other. Fold shows it cut across.";
@endphp
<dl class="tally" aria-label="What it comes to">
    <div><dt>pieces @why('The sum of the list of pieces: '.collect($plan->blueprint->sections())->map(fn ($parts, $section) => $section.' '.array_sum(array_column($parts, 'quantity')))->implode(', ').'.', 'pieces')</dt><dd>{{ $tally->pieces }} <small>{{ $delta($tally->pieces, $before?->pieces) }}</small></dd></div>
    <div><dt>sheets @why($whySheets, 'sheets')</dt><dd>{{ $tally->sheetsInAll() }}@if ($plan->missing() > 0) <small class="missing">{{ \App\Planning\NotPlaced::said($plan->missing(), 'and ') }}</small>@endif <small>{{ $delta($tally->sheetsInAll(), $before?->sheetsInAll()) }}</small></dd></div>
    <div><dt>thick when filled @why($whyThick, 'thickness')</dt><dd>@length($tally->thickness, $notation) @if ($before && ! $before->thickness->equals($tally->thickness))<small>was @length($before->thickness, $notation)</small>@endif</dd></div>
    @if ($plan->price()->mills > 0)<div><dt>in paper</dt><dd class="num">{{ \App\View\Money::money($plan->price()) }}</dd></div>@endif
    @if ($tally->cards > 0)<div><dt>loose cards</dt><dd>{{ $tally->cards }} <small>{{ $delta($tally->cards, $before?->cards) }}</small></dd></div>@endif
    @foreach ($plan->photos as $count)
        @if ($count->total() > 0)
            <div><dt>or {{ $count->photo->label() }} photos @why(sprintf('%d on photo mats, %d on free faces, %d in pockets: if the book held only this size.', $count->onMounts, $count->onPages, $count->inPockets), $count->photo->label())</dt><dd>{{ $count->total() }} <small>{{ $delta($count->total(), $before?->photos[$count->photo->label()] ?? null) }}</small></dd></div>
        @endif
    @endforeach
</dl>
<p class="mb-2"><a href="{{ route('keepsakes', $project) }}">What goes in</a> <span class="quiet">{{ $plan->design->keepsakes === [] ? 'photos, cards, envelopes: where they fit, which to order' : count($plan->design->keepsakes).' on the list, '.collect($plan->design->keepsakes)->filter(fn ($one) => $one->home === null)->count().' without a place' }}</span></p>
<p class="by-stock">@foreach ($tally->sheets as $name => $sheets)<span>{{ $name }} <strong>{{ $sheets }}</strong>@if ($before && ($before->sheets[$name] ?? 0) !== $sheets) <small>{{ $delta($sheets, $before->sheets[$name] ?? 0) }}</small>@endif</span>@endforeach</p>

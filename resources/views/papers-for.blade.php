@php
    $notation = $plan->notation();
    $proposed = collect($proposals)->keyBy(fn ($proposal) => $proposal->role->value);
    $roles = $isAsked ? collect($proposals)->map(fn ($proposal) => $proposal->role) : collect($plan->stocks)->flatMap(fn ($stock) => $stock->roles)->map(fn ($role) => \Ephemeron\Paper\StockRole::from($role));
    $pieces = collect($plan->blueprint->parts)->groupBy(fn ($part) => $part->role->value);
    $sheetsOf = collect($plan->stocks)->flatMap(fn ($stock) => collect($stock->roles)->mapWithKeys(fn ($role) => [$role => $stock]));
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Plan">
    @if (session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
    <h2 class="section-title">Papers for this book</h2>
    @foreach ($ways as [$sentence, $mends])
        <div class="said is-stop">
            <p class="mb-1">{{ $sentence }} {{ $mends === [] ? 'Nothing in the drawer takes its place, and no smaller mat makes it last.' : 'One of these makes it last; each has been tried:' }}</p>
            @foreach ($mends as $mend)
                @php($takes = collect($mend->changes)->filter(fn ($value, $place) => str_starts_with($place, 'take.')))
                @if ($takes->isNotEmpty())
                    <x-swap-form :project="$project" :action="route('papers.for.take', $project)" class="d-inline-block me-2">
                        @foreach ($takes as $place => $value)<input type="hidden" name="take[{{ substr($place, 5) }}]" value="{{ $value }}">@endforeach
                        <input type="hidden" name="leftovers" value="1"><button class="btn-plain">{{ $mend->label }}</button>
                    </x-swap-form>
                @else
                    <x-change-form :project="$project" :auto="false" class="d-inline-block me-2">
                        @foreach ($mend->changes as $place => $value)<input type="hidden" name="set[{{ $place }}]" value="{{ $value }}">@endforeach
                        <button class="btn-plain">@typeset($mend->label)</button>
                    </x-change-form>
                @endif
            @endforeach
        </div>
    @endforeach
    <form class="sieve" method="get" action="{{ route('papers.for', $project) }}" hx-get="{{ route('papers.for', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" hx-push-url="true">
        <input type="hidden" name="propose" value="1">
        @foreach (['leftovers' => 'use up leftovers', 'whole' => 'keep whole papers whole', 'cover' => 'the most prized for the cover', 'facing' => 'facing pages differ'] as $wish => $label)
            <label class="sieve-by"><input type="hidden" name="{{ $wish }}" value="0"><input class="form-check-input" type="checkbox" name="{{ $wish }}" value="1" @checked($wishes->$wish)> {{ $label }}</label>
        @endforeach
        <button class="btn-main">Propose papers from the drawer</button>
        <span class="quiet">Most prized: what you tag “best” in the drawer.</span>
    </form>
    <form class="sieve" method="get" action="{{ route('papers.for', $project) }}" hx-get="{{ route('papers.for', $project) }}" hx-trigger="keyup changed delay:300ms from:#paper-search, submit" hx-target=".assigning" hx-select=".assigning" hx-swap="outerHTML">
        <span class="sieve-by"><label for="paper-search">Look in the drawer for</label>
        <input class="form-control" id="paper-search" name="search" value="{{ $search }}" placeholder="name, pad, place, tag" autocomplete="off"></span>
        <noscript><button class="btn-plain">Look</button></noscript>
    </form>
    <x-swap-form :project="$project" :action="route('papers.for.take', $project)" class="assigning">
        @if ($isAsked)<input type="hidden" name="alternate" value="{{ $alternate->value }}">@endif
        <table class="pieces">
            <thead><tr><th scope="col">For</th><th scope="col">Pieces</th><th scope="col">Now</th><th scope="col">Take from the drawer ({{ $found->total() }} {{ $found->total() === 1 ? 'paper' : 'papers' }})</th></tr></thead>
            <tbody>
                @foreach ($roles as $role)
                    @php($proposal = $proposed[$role->value] ?? null)
                    @php($now = $sheetsOf[$role->value] ?? null)
                    <tr>
                        <th scope="row"><label for="take-{{ $role->value }}">@words($role->label())</label></th>
                        <td>{{ ($pieces[$role->value] ?? collect())->map(fn ($part) => ($part->quantity > 1 ? $part->quantity.' ' : '').$part->letter)->implode(', ') }}</td>
                        <td>{{ $plan->design->materials[$role->value]->name }} <span class="quiet">{{ $now ? $now->cuts->sheets().($now->cuts->sheets() === 1 ? ' sheet' : ' sheets').($now->cuts->missing === [] ? '' : ', runs out') : '' }}</span></td>
                        <td>
                            <select class="form-select" id="take-{{ $role->value }}" name="take[{{ $role->value }}]">
                                <option value="">as it is</option>
                                @if ($proposal?->offer && ! $found->contains('id', (int) $proposal->offer->id))<option value="{{ $proposal->offer->id }}" selected>{{ $proposal->offer->stock->name }}</option>@endif
                                @foreach ($found as $paper)<option value="{{ $paper->id }}" @selected($proposal?->offer?->id === (string) $paper->id)>{{ $paper->name }}, {{ $paper->count }} of {{ str_replace('⁄', '/', $notation->size($paper->size())) }}</option>@endforeach
                            </select>
                            @if ($proposal)<p class="field-note">{{ $proposal->reason }}</p>@endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($isAsked && $alternate !== $plan->design->mats->alternate)<p class="field-note">Facing pages then show {{ $alternate->label() }}.</p>@endif
        <label class="sieve-by"><input type="hidden" name="leftovers" value="0"><input class="form-check-input" type="checkbox" name="leftovers" value="1" checked> their leftovers first</label>
        @error('paper')<p class="field-error">{{ $message }}</p>@enderror
        <button class="btn-main">Take these papers</button> <a class="btn-plain" href="{{ route('plan', $project) }}">Back to the plan</a>
    </x-swap-form>
</x-project>

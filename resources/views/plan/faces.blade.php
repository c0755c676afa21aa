{{-- The faces one can reach here: the page, flaps shut and lifted, fronts of pockets. --}}
@php
    $here = collect($plan->blueprint->faces)->filter(fn ($one) => $plan->blueprint->pageOf($one->key)->key === $page->key)->sortBy('key', SORT_NATURAL)->all();
    $flaps = array_filter($plan->blueprint->all(\Ephemeron\Blueprint\Flap::class), fn ($flap) => $plan->blueprint->pageOf($flap->over)->key === $page->key);
@endphp
@if (count($here) > 1)
    <nav class="faces" aria-label="Faces of {{ lcfirst($page->name) }}">
        @foreach ($here as $one)
            <a href="{{ $see($one->key) }}" @class(['is-here' => $one->key === $face->key]) @if ($one->key === $face->key) aria-current="true" @endif>{{ ucfirst(trim(\Illuminate\Support\Str::after($one->name, $page->name), ', ')) ?: $one->name }}</a>
        @endforeach
        @if ($flaps !== [])
            @if (request('flaps') === 'up')
                <a class="quiet" href="{{ $see($face->key) }}">Shut the flaps</a>
            @else
                <a class="quiet" href="{{ $see($face->key, ['flaps' => 'up']) }}">Lift every flap</a>
            @endif
        @endif
    </nav>
@endif

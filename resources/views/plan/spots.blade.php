{{-- A thing has been chosen: where is it to go? --}}
@php
    $choices = (new \App\Planning\SpotOnFace($putting))->choices();
    $isGrid = count($choices) === 9;
@endphp
<section class="spots" aria-label="Where to put the {{ lcfirst($putting->name()) }}">
    <div>
        <h2 class="section-title">Where does the {{ lcfirst($putting->name()) }} go?</h2>
        <p class="mb-1">{{ $putting->summary() }} @if ($isGrid) Choose a spot, or press the place on {{ lcfirst($face->name) }} in the drawing. @elseif ($choices !== []) Choose the edge. @endif</p>
    </div>
    <div @class(['spot-choices', 'is-grid' => $isGrid, 'is-cross' => count($choices) === 4])>
        @foreach ($choices as $spot)
            <x-swap-form :project="$project" :action="route('furniture.store', $project)" :face="$face->key" class="spot-{{ $spot }}">
                <input type="hidden" name="kind" value="{{ $putting->key() }}"><input type="hidden" name="spot" value="{{ $spot }}">
                <button class="btn-spot">{{ str_replace('-', ' ', $spot) }}</button>
            </x-swap-form>
        @endforeach
    </div>
    <div class="spot-else">
        <x-swap-form :project="$project" :action="route('furniture.store', $project)" :face="$face->key">
            <input type="hidden" name="kind" value="{{ $putting->key() }}">
            <button class="btn-main">Where it usually goes</button>
        </x-swap-form>
        <a class="btn-plain" href="{{ route('plan', ['project' => $project, 'face' => $face->key]) }}">Not now</a>
    </div>
</section>

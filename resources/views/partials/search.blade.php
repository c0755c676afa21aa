{{-- How a longer look for a better cut plan is getting on. --}}
@php($about = [$project, $search, 'sheets' => $sheets])
@if ($search->isUnderWay())
    <div class="search" hx-get="{{ route('searches.show', $about) }}" hx-trigger="every 700ms" hx-swap="outerHTML">
        <span>{{ $search->state === \App\Models\PlanSearch::WAITING ? 'A longer look for fewer sheets is about to begin.' : 'Looking longer for fewer sheets …' }}</span>
        <progress max="100" value="{{ $search->share }}" aria-label="How far the look has come">{{ $search->share }} %</progress>
        <form method="post" action="{{ route('searches.destroy', $about) }}" hx-delete="{{ route('searches.destroy', $about) }}" hx-target="closest .search" hx-swap="outerHTML">@csrf @method('DELETE')<button class="btn-plain">Call it off</button></form>
    </div>
@else
    <p class="search" role="status">
        @if ($search->taken)
            A longer look found a plan with {{ $search->sheets }} {{ $search->sheets === 1 ? 'sheet' : 'sheets' }}. <a href="{{ route('cut', $project) }}">See it</a>
        @elseif ($search->plan !== null)
            A longer look found a plan with {{ $search->sheets }}, but this book was begun with the one below and keeps it.
        @elseif ($search->state === \App\Models\PlanSearch::CANCELLED)
            The longer look was called off.
        @else
            A longer look found nothing better{{ $search->bound === $sheets ? ': fewer is impossible' : '' }}.
        @endif
    </p>
@endif

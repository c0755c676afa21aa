{{-- What is still being worked out: the page asks again and fills, until all is there. --}}
@props(['known', 'all', 'of'])
@if ($known < $all)
    <p class="mb-1" role="status" hx-get="{{ request()->fullUrl() }}" hx-trigger="load" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML"><progress class="write-up" max="{{ $all }}" value="{{ $known }}" aria-label="{{ $known }} of {{ $all }} {{ $of }}"></progress> {{ $known }} of {{ $all }} {{ $of }} are worked out; the others come by themselves. <noscript><a href="{{ request()->fullUrl() }}">Look again</a></noscript></p>
@endif

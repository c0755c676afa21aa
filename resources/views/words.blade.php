<x-room title="Words of the trade">
    <x-slot:tools><a class="btn-plain" href="{{ route('shelf') }}">Back to the shelf</a></x-slot:tools>
    <form class="sieve" method="get" action="{{ route('words') }}" hx-get="{{ route('words') }}" hx-trigger="keyup changed delay:300ms from:#word-search, submit" hx-target="#words" hx-select="#words" hx-swap="outerHTML" hx-push-url="true">
        <span class="sieve-by"><label for="word-search">Look for</label><input class="form-control" id="word-search" name="search" value="{{ $search }}" placeholder="gusset" autocomplete="off"></span>
        <noscript><button class="btn-plain">Look</button></noscript>
    </form>
    <dl class="words" id="words">
        @forelse ($words as $word)
            <div id="{{ $word->key }}"><dt>{{ $word->name }}@if ($word->also !== [])<span class="quiet"> {{ implode(', ', $word->also) }}</span>@endif</dt><dd>{!! $drawing->draw($word)->inline() !!}<p>{{ $word->meaning }}</p></dd></div>
        @empty
            <div><dt>No word like “{{ $search }}”</dt><dd><p>Look for another, or <a href="{{ route('words') }}">see all of them</a>.</p></dd></div>
        @endforelse
    </dl>
</x-room>

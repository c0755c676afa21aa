<x-page title="The board">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">The board</h1>
            <div class="tools"><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main class="safekeeping">
            @if (session('said'))<p class="said mt-3" role="status">{{ session('said') }}</p>@endif
            <p class="fs-5 mt-3">Patterns that makers of this club have hung up for the others.</p>
            @if ($books->isEmpty())<p>Nothing hangs here yet. The log of a book has the button.</p>@endif
            <ul class="movements" id="board">@foreach ($books as $book)<li><a href="{{ route('board.pattern', $book->id) }}">{{ $book->name }}</a>, by {{ $makers[$book->maker_id] ?? 'nobody who is still here' }}, {{ $book->published_at->translatedFormat('j F Y') }}</li>@endforeach</ul>
            <p class="quiet">A pattern has its design in it: save the page and bring it in from the shelf.</p>
        </main>
    </div>
</x-page>

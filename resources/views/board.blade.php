<x-room title="The board">
    <p class="fs-5 mt-3">Patterns that makers of this club have hung up for the others.</p>
    @if ($books->isEmpty())<p>Nothing hangs here yet. The log of a book has the button.</p>@endif
    <ul class="movements" id="board">@foreach ($books as $book)<li><a href="{{ route('board.pattern', $book->id) }}">{{ $book->name }}</a>, by {{ $makers[$book->maker_id] ?? 'nobody who is still here' }}, {{ $book->published_at->translatedFormat('j F Y') }}</li>@endforeach</ul>
    <p class="quiet">A pattern has its design in it: save the page and bring it in from the shelf.</p>
</x-room>

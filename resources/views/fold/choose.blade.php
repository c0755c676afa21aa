{{-- Which scene is shown. --}}
<form class="sieve mb-1" method="get" action="{{ route('fold', $project) }}" hx-get="{{ route('fold', $project) }}" hx-trigger="change" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" hx-push-url="true">
    <span class="sieve-by"><label for="scene">Fold</label>
    <select class="form-select" id="scene" name="scene">@foreach ($names as $each => $name)<option value="{{ $each }}" @selected($each === $key)>{{ $name }}</option>@endforeach</select></span>
    <noscript><button class="btn-plain">Show</button></noscript>
    <span class="quiet">{{ match ($key) { 'book' => 'as far as its pieces are glued to each other', 'pages' => 'finished, as the reader opens it', 'sewing' => 'the way of the thread', default => 'flat to folded' } }}</span>
</form>

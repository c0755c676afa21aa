{{-- A very large book, while a worker works it out; the page that was asked for comes by itself. --}}
<x-page :title="$project->name">
    <div class="page" id="stage" hx-get="{{ $address }}" hx-trigger="load delay:900ms" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">{{ $project->name }}</h1>
        </header>
        <hr class="rule">
        <main class="mt-4">
            <p class="fs-5" role="status">{{ number_format($pieces) }} pieces are being worked out. This page comes by itself.</p>
            <progress class="write-up" max="100" value="{{ (int) round($share * 100) }}" aria-label="About how far it is">{{ (int) round($share * 100) }} %</progress>
            <noscript><p><a href="{{ $address }}">Look again</a></p></noscript>
            <div class="cut-them mt-3">
                @if ($last)<form method="post" action="{{ route('undo', $project) }}">@csrf<input type="hidden" name="event" value="{{ $last->id }}"><input type="hidden" name="stage" value="plan"><button class="btn-plain">Rather not: undo {{ Str::limit($last->sentence, 60) }}</button></form>@endif
                <a class="btn-plain" href="{{ route('shelf') }}">Back to the shelf</a>
            </div>
        </main>
    </div>
</x-page>

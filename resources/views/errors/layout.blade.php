<x-page :title="$title">
    <div class="page" id="stage">
        <header class="masthead"><a class="wordmark" href="/">Ephemeron</a><h1 class="title">{{ $title }}</h1></header>
        <hr class="rule">
        <main class="mt-4 fs-5">
            <p>{{ $text }}</p>
            <p><a href="/">Back to the shelf</a></p>
        </main>
    </div>
</x-page>

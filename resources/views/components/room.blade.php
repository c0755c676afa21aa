@props(['title', 'tools' => null])
{{-- A page that is of no book: its name, what leads on from it, and what was just said. --}}
<x-page :title="$title">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">{{ $title }}</h1>
            <div class="tools">{{ $tools }}<button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main {{ $attributes->class(['safekeeping']) }}>
            @if (session('said'))<p class="said mt-3" role="status">{{ session('said') }}</p>@endif
{{ $slot }}
        </main>
    </div>
</x-page>

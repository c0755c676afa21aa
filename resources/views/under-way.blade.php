{{-- A very large book, while a worker works it out; the page that was asked for comes by itself, and what was to be saved is sent again. --}}
<x-page :title="$project->name">
    <div class="page" id="stage" @if ($again === null) hx-get="{{ $address }}" hx-trigger="load delay:900ms" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" @endif>
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">{{ $project->name }}</h1>
        </header>
        <hr class="rule">
        <main class="mt-4">
            <p class="fs-5" role="status">{{ number_format($pieces) }} pieces are being worked out. {{ $again === null ? 'This page comes by itself.' : 'What you changed is kept as soon as they are.' }}</p>
            <progress class="write-up" max="100" value="{{ (int) round($share * 100) }}" aria-label="Of the pieces that are laid out">{{ (int) round($share * 100) }} %</progress>
            @if ($again === null)<p><a class="btn-plain" href="{{ $address }}">Look again now</a></p>@else
                <form method="post" action="{{ $address }}" x-data="again">@csrf
                    @foreach ($again as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
                    <button class="btn-plain">Try again now</button>
                </form>
            @endif
            <div class="cut-them mt-3">
                @if ($again !== null)<form method="post" action="{{ route('turns.leave', $project) }}">@csrf @method('DELETE')<input type="hidden" name="mark" value="{{ $mark }}"><button class="btn-plain">Rather not: leave it as it was</button></form>
                @elseif ($last)<form method="post" action="{{ route('undo', $project) }}">@csrf<input type="hidden" name="event" value="{{ $last->id }}"><input type="hidden" name="stage" value="plan"><button class="btn-plain">Rather not: undo {{ Str::limit($last->sentence, 60) }}</button></form>@endif
                <a class="btn-plain" href="{{ route('shelf') }}">Back to the shelf</a>
            </div>
        </main>
    </div>
</x-page>

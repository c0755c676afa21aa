<x-page title="Taken off">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}">Ephemeron</a>
            <h1 class="title">Taken off</h1>
            <div class="tools">@if (\App\Club\Club::isKept())<a class="btn-plain" href="{{ route('copies') }}">Copies of the shelf</a>@endif<a class="btn-plain" href="{{ route('papers.index') }}">Paper drawer</a><a class="btn-plain" href="{{ route('shelf') }}">The shelf</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main>
            @if (session('said'))<p class="said mt-3" role="status">{{ session('said') }}</p>@endif
            <p class="mt-3">Books taken off the shelf, papers and supplies taken out of the drawer lie here for {{ $days }} days. Then they go for good, pictures too.</p>
            @if ($things === [])
                <p class="quiet">Nothing lies here.</p>
            @else
                <table class="pieces">
                    <thead><tr><th scope="col">What</th><th scope="col">Name</th><th scope="col">Goes on</th><th scope="col"></th></tr></thead>
                    <tbody>
                        @foreach ($things as $thing)
                            <tr>
                                <td>{{ $thing->kind }}</td>
                                <th scope="row">{{ $thing->name }}</th>
                                <td>{{ $thing->goes->format('j F Y') }}</td>
                                <td><form method="post" action="{{ route('taken-off.restore', [$thing->kind, $thing->id]) }}">@csrf<button class="btn-plain" aria-label="Bring {{ $thing->name }} back">Bring it back</button></form></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </main>
    </div>
</x-page>

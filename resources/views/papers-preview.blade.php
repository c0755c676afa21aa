@php($notation = \Ephemeron\Measure\Notation::usual($unit))
<x-page title="Papers from a file">
    <div class="page" id="stage">
        <header class="masthead"><a class="wordmark" href="{{ route('shelf') }}">Ephemeron</a><h1 class="title">Papers from a file</h1><div class="tools"><a class="btn-plain" href="{{ route('papers.index') }}">Back to the drawer</a></div></header>
        <hr class="rule">
        <main>
            <p class="fs-5 mt-3">{{ count($papers) }} {{ count($papers) === 1 ? 'line can' : 'lines can' }} be read{{ $wrong === [] ? '.' : ', '.count($wrong).' cannot:' }}</p>
            @if ($wrong !== [])<ul class="findings">@foreach (array_slice($wrong, 0, 100) as $line)<li class="is-stop">{{ $line }}</li>@endforeach</ul>@endif
            @if ($papers !== [])
                <form method="post" action="{{ route('papers.take') }}">@csrf<x-once/>
                    <input type="hidden" name="unit" value="{{ $unit->value }}"><textarea name="csv" hidden>{{ $csv }}</textarea>
                    <button class="btn-main">Put these {{ count($papers) }} in</button>
                </form>
                <table class="pieces mt-3">
                    <thead><tr><th scope="col">Paper</th><th scope="col" class="of">Sheets</th><th scope="col">Size</th><th scope="col">Weight</th></tr></thead>
                    <tbody>@foreach (array_slice($papers, 0, 200) as $paper)<tr><th scope="row">{{ $paper['name'] }}</th><td class="of num">{{ $paper['count'] }}</td><td>@size((new \App\Models\Paper($paper))->size(), $notation)</td><td>{{ $paper['weight'] }}</td></tr>@endforeach</tbody>
                </table>
            @endif
        </main>
    </div>
</x-page>

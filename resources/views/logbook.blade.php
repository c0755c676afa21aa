<x-page title="Logbook">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">The logbook</h1>
            <div class="tools"><a class="btn-plain" href="{{ route('shelf') }}">Back to the shelf</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main>
            <form class="sieve" method="get" action="{{ route('logbook') }}" hx-get="{{ route('logbook') }}" hx-trigger="keyup changed delay:300ms from:#log-search, submit" hx-target="#logs" hx-select="#logs" hx-swap="outerHTML" hx-push-url="true">
                <span class="sieve-by"><label for="log-search">Look for</label><input class="form-control" id="log-search" name="search" value="{{ $search }}" placeholder="name, what was learnt" autocomplete="off"></span>
                <noscript><button class="btn-plain">Look</button></noscript>
            </form>
            @php($sixteenths = new \Ephemeron\Measure\Notation(\Ephemeron\Measure\Unit::Inch, \Ephemeron\Measure\ToolGrid::usualFor(\Ephemeron\Measure\Unit::Inch)))
            @if ($habit || $allowance)
                <div class="said" id="habit">
                    @if ($habit)
                        @php($mean = $habit->mean->isPositive() ? $habit->mean : \Ephemeron\Measure\Length::zero()->minus($habit->mean))
                        <p class="mb-1">Your pieces come {{ $habit->mean->isPositive() ? 'larger' : 'smaller' }} than planned by about {{ round($mean->inMillimetres(), 2) }} mm (@length($mean, $sixteenths)) on the average of {{ $habit->count }} measurements; that is more than chance (t = {{ number_format($habit->t, 1) }}). Look whether the stop of your trimmer sits true, or reckon with it.</p>
                    @endif
                    <form method="post" action="{{ route('logbook.allow') }}">@csrf @method('PUT')
                        @if ($allowance)<p class="mb-1">It is reckoned with: Cut says where to set the fence.</p><button class="btn-plain" name="take" value="0">Reckon with it no more</button>
                        @else<button class="btn-plain" name="take" value="1">Reckon with it on Cut</button>@endif
                    </form>
                </div>
            @endif
            @if ($wish || $play)
                <div class="said" id="wish">
                    @if ($wish)
                        @php($more = $wish->mean->isPositive() ? $wish->mean : \Ephemeron\Measure\Length::zero()->minus($wish->mean))
                        <p class="mb-1">What goes into pockets was {{ $wish->mean->isPositive() ? 'tight' : 'loose' }} by about {{ round($more->inMillimetres(), 2) }} mm (@length($more, $sixteenths)) on the average of {{ $wish->count }} dry fits; that is more than chance (t = {{ number_format($wish->t, 1) }}).</p>
                    @endif
                    <form method="post" action="{{ route('logbook.allow') }}">@csrf @method('PUT')<input type="hidden" name="what" value="inserts">
                        @if ($play)<p class="mb-1">In new books inserts are wanted @length($play, $sixteenths) less than their pockets.</p><button class="btn-plain" name="take" value="0">As usual again</button>
                        @else<button class="btn-plain" name="take" value="1">Reckon with it in new books</button>@endif
                    </form>
                </div>
            @endif
            <div id="logs">
                @if ($logs->isEmpty())
                    <p class="fs-5 mt-3">No book of that in the logbook.</p>
                @else
                    <table class="pieces of-books">
                        <caption class="visually-hidden">Books, the latest first</caption>
                        <thead><tr><th scope="col"><span class="visually-hidden">Moon</span></th><th scope="col">Book</th><th scope="col">Begun</th><th scope="col">Finished</th><th scope="col">Time</th><th scope="col" class="of">Sheets</th><th scope="col">Paper</th><th scope="col">Learnt</th></tr></thead>
                        <tbody>@foreach ($logs as $log)<tr>
                            <td><x-moon :share="$log->progress->share()" :words="$log->progress->words()" :size="22"/></td>
                            <th scope="row"><a href="{{ route('log', $log->project) }}">{{ $log->project->name }}</a> <span class="quiet">{{ $log->plan->structure->about()->name }}</span></th>
                            <td>{{ $log->begun()?->translatedFormat('j M Y') }}</td>
                            <td>{{ $log->finished()?->translatedFormat('j M Y') }}</td>
                            <td>{{ array_sum($log->times()) === 0 ? '' : \App\View\Duration::text(array_sum($log->times())) }}</td>
                            <td class="of num">{{ array_sum($log->papers()) }}</td>
                            <td>{{ $log->plan->price()->mills > 0 ? \App\View\Money::money($log->plan->price()) : '' }}</td>
                            <td>{{ Str::limit((string) $log->project->lesson, 60) }}</td>
                        </tr>@endforeach</tbody>
                    </table>
                @endif
                @if ($books->hasPages())
                    <nav class="leafing" aria-label="More books">
                        @if ($books->previousPageUrl())<a class="btn-plain" rel="prev" href="{{ $books->previousPageUrl() }}">← Later</a>@endif
                        <span>{{ $books->firstItem() }} to {{ $books->lastItem() }} of {{ $books->total() }}</span>
                        @if ($books->nextPageUrl())<a class="btn-plain" rel="next" href="{{ $books->nextPageUrl() }}">Earlier →</a>@endif
                    </nav>
                @endif
                <p class="mt-2"><a href="{{ route('logbook.csv', request()->only('search')) }}">These as CSV</a></p>
            </div>
        </main>
    </div>
</x-page>

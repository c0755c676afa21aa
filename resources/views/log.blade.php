@php
    $notation = $plan->notation();
    $times = $log->times();
    $notes = $log->notes();
    $facts = array_filter([
        'Begun' => $log->begun()?->translatedFormat('j F Y'),
        'Finished' => $log->finished()?->translatedFormat('j F Y'),
        'Time' => array_sum($times) === 0 ? null : \App\View\Duration::text(array_sum($times)).': '.collect($times)->map(fn ($seconds, $phase) => lcfirst($phase).' '.\App\View\Duration::text($seconds))->implode(', '),
        'Paper' => collect($log->papers())->map(fn ($sheets, $name) => "{$name} {$sheets}")->implode(', '),
        'Paper costs' => $plan->price()->mills > 0 ? \App\View\Money::money($plan->price()) : null,
        'Spoiled' => $log->spoiled() === 0 ? null : ($log->spoiled() === 1 ? 'one piece' : $log->spoiled().' pieces'),
    ]);
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Log">
    @if (session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
    <div class="workplace of-log">
        <div class="drawn">
            <p class="log-moon"><x-moon :share="$progress->share()" :words="$progress->words()" :size="72"/> <span class="fs-5">{{ $progress->words() }}</span></p>
            <dl class="log-facts">@foreach ($facts as $name => $fact)<div><dt>{{ $name }}</dt><dd>{{ $fact }}</dd></div>@endforeach</dl>
            @if ($facts === [] || $log->begun() === null)<p class="fs-5">Nothing is cut yet. What is done, measured, photographed and spoiled at the table is kept here.</p>@endif
            @include('partials.noting', ['notes' => [], 'place' => 'book', 'placeholder' => 'Note something about the finished book'])
            @php($photos = $notes->whereNotNull('photo'))
            @if ($photos->isNotEmpty())
                <h2 class="section-title">Photographs</h2>
                <ul class="log-photos">@foreach ($photos as $note)<li><a href="{{ route('notes.photo', [$project, $note]) }}"><img src="{{ route('notes.photo', [$project, $note]) }}" alt="{{ $note->text }}" loading="lazy"></a><small>{{ $note->text }}</small></li>@endforeach</ul>
            @endif
            @php($words = $notes->whereNull('photo'))
            @if ($words->isNotEmpty())
                <h2 class="section-title mt-4">Measured and noted</h2>
                <ul class="movements">@foreach ($words as $note)<li>@typeset($note->text) <a class="quiet" href="{{ \App\Http\Requests\NoteRequest::back($project, $note->step) }}">at its place</a></li>@endforeach</ul>
            @endif
            @if ($log->changes() !== [])
                <h2 class="section-title">Changed after the first cut</h2>
                <ul class="movements">@foreach ($log->changes() as $change)<li>@typeset($change->sentence)</li>@endforeach</ul>
            @endif
        </div>
        <div class="particulars">
            <form method="post" action="{{ route('log.lesson', $project) }}" hx-put="{{ route('log.lesson', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf @method('PUT')
                <label for="lesson">What to do differently next time</label>
                <textarea @class(['form-control', 'is-invalid' => $errors->has('lesson')]) id="lesson" name="lesson" rows="5" maxlength="2000">{{ is_string(old('lesson')) ? old('lesson') : $project->lesson }}</textarea>
                @error('lesson')<p class="field-error">{{ $message }}</p>@enderror
                <button class="btn-plain mt-1">Keep it</button>
            </form>
            <form class="mt-3" method="post" action="{{ route('log.again', $project) }}">@csrf<x-once/><button class="btn-main" id="make-again">Make it again</button> <span class="quiet">A new book of this design; what you wrote above goes with it.</span></form>
            <details class="mt-3" id="went" @if ($errors->hasAny(['kind', 'copies', 'amount', 'on'])) open @endif><summary>Sold, given away, kept</summary>
                <ul class="movements">@foreach ($project->departures as $departure)<li>{{ $departure->sentence() }} <form class="d-inline" method="post" action="{{ route('departures.destroy', [$project, $departure]) }}">@csrf @method('DELETE')<button class="btn-plain" aria-label="Strike: {{ $departure->sentence() }}">strike</button></form></li>@endforeach</ul>
                <form method="post" action="{{ route('departures.store', $project) }}">@csrf<x-once/>
                    <div class="field"><label for="went-kind">It was</label><select class="form-select" id="went-kind" name="kind">@foreach (\App\Models\Departure::KINDS as $kind => $label)<option value="{{ $kind }}" @selected(old('kind') === $kind)>{{ $label }}</option>@endforeach</select>@error('kind')<p class="field-error">{{ $message }}</p>@enderror</div>
                    @foreach (['copies' => ['How many', '1'], 'amount' => ['For how much, together', ''], 'on' => ['On', now()->toDateString()]] as $field => [$label, $usual])
                        <div class="field"><label for="went-{{ $field }}">{{ $label }}</label><input @class(['form-control', 'is-invalid' => $errors->has($field)]) id="went-{{ $field }}" name="{{ $field }}" @if ($field === 'on') type="date" @endif value="{{ is_string(old($field)) ? old($field) : $usual }}" autocomplete="off">@error($field)<p class="field-error">{{ $message }}</p>@enderror</div>
                    @endforeach
                    <button class="btn-plain">Into the log</button>
                </form>
            </details>
            <details class="mt-3" id="write-up" @if ($errors->hasAny(['by', 'photos', 'photos.*'])) open @endif><summary>Write it up for others</summary>
                <form method="get" action="{{ route('pattern', $project) }}" x-data="fetching" @submit="take">
                    <div class="field"><label for="by">By, if you wish</label><input @class(['form-control', 'is-invalid' => $errors->has('by')]) id="by" name="by" maxlength="80" value="{{ is_string(old('by')) ? old('by') : '' }}" autocomplete="off">@error('by')<p class="field-error">{{ $message }}</p>@enderror</div>
                    @foreach ($photos as $note)<label class="sieve-by"><input class="form-check-input" type="checkbox" name="photos[]" value="{{ $note->id }}"> {{ Str::limit($note->text, 40) }}</label> @endforeach
                    @error('photos')<p class="field-error">{{ $message }}</p>@enderror
                    <button class="btn-plain" :disabled="isUnderWay">The pattern, as one page</button>
                    <progress class="write-up" x-show="isUnderWay" x-cloak :value="share" aria-label="The pattern is being written"></progress>
                    <p class="field-note">Sizes, cut list, diagrams, scores and steps, to send or to put on the web: it needs nothing else, holds the design, and nothing of your drawer. On paper: <a href="{{ route('print.pdf', [$project, 'pattern']) }}">as PDF</a>.</p>
                </form>
            </details>
            @if (\App\Club\Club::isOpen())
                <details class="mt-3" id="show-it" @if (session('link')) open @endif><summary>Show it</summary>
                    @if (session('link'))<p class="mb-1">Whoever has this link sees the pattern of the book, until you take it back; it is told only now:</p><input class="form-control" id="link" value="{{ session('link') }}" readonly aria-label="The link">@endif
                    <ul class="movements">@foreach ($project->shares as $share)<li>A link of {{ $share->created_at->translatedFormat('j F Y') }} <form class="d-inline" method="post" action="{{ route('shares.destroy', [$project, $share]) }}">@csrf @method('DELETE')<button class="btn-plain">Take it back</button></form></li>@endforeach</ul>
                    <form class="d-inline" method="post" action="{{ route('shares.store', $project) }}">@csrf<x-once/><button class="btn-plain">Make a link</button></form>
                    <form class="d-inline" method="post" action="{{ route('board.publish', $project) }}">@csrf @method('PUT')<input type="hidden" name="hang" value="{{ $project->published_at ? 0 : 1 }}"><button class="btn-plain">{{ $project->published_at ? 'Take it off the board' : 'Hang its pattern on the board' }}</button></form>
                </details>
            @endif
            <p class="mt-3"><a href="{{ route('cost', $project) }}">What it costs, and what to ask for it</a></p>
            <p class="mt-3"><a href="{{ route('logbook') }}">The logbook of all books</a></p>
        </div>
    </div>
</x-project>

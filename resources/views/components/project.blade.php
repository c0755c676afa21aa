@props(['project', 'plan', 'progress', 'stage', 'face' => null])
<x-page :title="$project->name">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">{{ $project->name }}</h1>
            <x-moon :share="$progress->share()" :words="$progress->words()" :size="26"/>
            <span class="quiet">{{ $plan->structure->name() }}</span>
            <div class="tools">
                @foreach (['undo' => $project->undoable(), 'redo' => $project->redoable()] as $way => $change)
                    <form method="post" action="{{ route($way, $project) }}" data-key-form="{{ $way }}" hx-post="{{ route($way, $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
                        @csrf
                        <input type="hidden" name="revision" value="{{ $project->revision }}">
                        <input type="hidden" name="stage" value="{{ $stage->value }}">
                        <input type="hidden" name="face" value="{{ $face }}">
                        <button class="btn-plain" id="{{ $way }}" @disabled($change === null) title="{{ $change ?? 'Nothing to '.($way === 'undo' ? 'undo' : 'do again') }}">{{ $way === 'undo' ? 'Undo' : 'Do again' }}</button>
                    </form>
                @endforeach
                <form method="post" action="{{ route('design', $project) }}" hx-patch="{{ route('design', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
                    @csrf @method('PATCH')
                    <input type="hidden" name="revision" value="{{ $project->revision }}">
                    <input type="hidden" name="stage" value="{{ $stage->value }}">
                    <input type="hidden" name="face" value="{{ $face }}">
                    @php($other = $plan->design->unit->other())
                    <input type="hidden" name="set[unit]" value="{{ $other->value }}">
                    <input type="hidden" name="set[grid]" value="{{ \Ephemeron\Measure\ToolGrid::usualFor($other)->value }}">
                    <input type="hidden" name="set[grooves]" value="{{ \Ephemeron\Measure\ToolGrid::usualGroovesFor($other)->value }}">
                    <button class="btn-plain" id="switch-unit">Read in {{ $other->label() }}</button>
                </form>
                <button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button>
            </div>
        </header>
        <hr class="rule">
        <nav aria-label="Stages of the work">
            <ol class="concertina">
                @foreach (\App\View\Stage::cases() as $each)
                    @php($state = $each->state($plan, $progress))
                    <li @class(['is-here' => $each === $stage])>
                        <a href="{{ route($each->value, $project) }}" data-stage-key="{{ $loop->iteration }}" @if ($each === $stage) aria-current="page" @endif>
                            <span class="stage">{{ $each->label() }}</span>
                            <span @class(['state', 'needs' => $state === 'needs a look'])>{{ $state }}</span>
                        </a>
                    </li>
                @endforeach
            </ol>
        </nav>
        @if (session('stale'))
            <p class="said is-stop" role="alert">{{ session('stale') }}</p>
        @endif
        @if ($errors->any())
            <p class="said is-stop" role="alert">That change was not taken; the old value still stands. {{ $errors->first() }}</p>
        @endif
        <main>{{ $slot }}</main>
    </div>
</x-page>

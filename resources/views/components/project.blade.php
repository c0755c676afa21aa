@props(['project', 'plan', 'progress', 'stage', 'face' => null, 'step' => null, 'back' => null])
{{-- A page within a stage, as drawing a base is, says its own name: changes lead back to it. --}}
@php($back ??= $stage->value)
<x-page :title="$project->name">
    <div class="page at-{{ $stage->value }}" id="stage" data-unit="{{ $plan->design->unit->value }}" data-grid="{{ $plan->design->tools->grid->value }}">
        <header class="masthead of-book">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">{{ $project->name }}</h1>
            @include('partials.moon-of-book')
            <span class="quiet of-what">{{ $plan->structure->about()->name }}{{ $project->copies > 1 ? ", a batch of {$project->copies}" : '' }}@if ($project->host), <a href="{{ route('cut', $project->host) }}">cut with {{ $project->host->name }}</a>@endif</span>
            <div class="tools">
                @include('partials.undoing', ['stage' => $stage, 'step' => $step, 'face' => $face, 'back' => $back])
                @php($changing = route('design', $project))
                <form method="post" action="{{ $changing }}" hx-patch="{{ $changing }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
                    @csrf @method('PATCH')
                    <input type="hidden" name="revision" value="{{ $project->revision }}">
                    <input type="hidden" name="stage" value="{{ $back }}">
                    <input type="hidden" name="face" value="{{ $face }}">
                    @php($other = $plan->design->unit->other())
                    <input type="hidden" name="set[unit]" value="{{ $other->value }}">
                    <input type="hidden" name="set[grid]" value="{{ \Ephemeron\Measure\ToolGrid::usualFor($other)->value }}">
                    <input type="hidden" name="set[grooves]" value="{{ \Ephemeron\Measure\ToolGrid::usualGroovesFor($other)->value }}">
                    <button class="btn-plain" id="switch-unit" aria-label="Read in {{ $other->label() }}, {{ $other->value }}"><span class="at-length">Read in {{ $other->label() }}</span><span class="in-short" aria-hidden="true">{{ $other->value }}</span></button>
                </form>
                <button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button>
            </div>
        </header>
        <hr class="rule">
        <nav aria-label="Stages of the work">
            @include('partials.stages', ['stage' => $stage])
        </nav>
        @php($stops = count($plan->report->bySeverity(\Ephemeron\Fit\Severity::Stop)))
        @php($watches = count($plan->report->bySeverity(\Ephemeron\Fit\Severity::Watch)))
        @if ($stops + $watches > 0)
            <a @class(['findings-bar', 'is-stop' => $stops > 0]) id="findings-bar" href="{{ $stage === \App\View\Stage::Plan ? '#findings' : route('plan', $project).'#findings' }}">@if ($stops > 0)<strong>{{ $stops === 1 ? 'One thing stops' : "{$stops} things stop" }} the work</strong>@endif @if ($watches > 0){{ $stops > 0 ? '· ' : '' }}{{ $watches === 1 ? 'one thing to watch' : "{$watches} things to watch" }}@endif <span aria-hidden="true">→</span></a>
        @endif
        @if (session('stale'))
            <p class="said is-stop" role="alert">{{ session('stale') }}</p>
        @endif
        @if (session('refused'))
            <p class="said is-stop" role="alert">{{ session('refused') }}</p>
        @endif
        @if (session('spoiled'))
            <p class="said" role="status">{{ session('spoiled') }} @if (str_contains(session('spoiled'), 'run out'))<a href="{{ route('papers.for', $project) }}">Papers</a>@endif</p>
        @endif
        @if (session('ask'))
            <div class="said is-watch ask" role="alertdialog" aria-labelledby="ask-title">
                <p class="mb-1" id="ask-title"><strong>Something is cut already.</strong> Nothing has been changed yet. If you go on:</p>
                <ul class="mb-2">@foreach (session('ask')['sentences'] as $sentence)<li>@typeset($sentence)</li>@endforeach</ul>
                <x-swap-form :project="$project" :action="route('confirm', $project)" :face="$face" :stage="$back" class="d-inline-block me-2">
                    <input type="hidden" name="changes" value="{{ session('ask')['changes'] }}">
                    <button class="btn-main" id="go-on">Change it all the same</button>
                </x-swap-form>
                <a class="btn-plain" href="{{ route($back, $project) }}">Leave it as it is</a>
            </div>
        @endif
        @if ($errors->any())
            <p class="said is-stop" role="alert">That change was not taken; the old value still stands. {{ $errors->first() }}</p>
        @endif
        <main>{{ $slot }}</main>
    </div>
</x-page>

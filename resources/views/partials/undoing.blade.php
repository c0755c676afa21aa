{{-- What can be taken back and done again; by itself where only that has changed. --}}
<span class="undoing" id="undoing" @if ($alone ?? false) hx-swap-oob="true" @endif>
    @php($history = app(\App\History\History::class))
    @foreach (['undo' => ['Undo', $history->lastDone($project)], 'redo' => ['Do again', $history->lastUndone($project)]] as $way => [$label, $event])
        @php($address = route($way, $project))
        <form method="post" action="{{ $address }}" data-key-form="{{ $way }}" hx-post="{{ $address }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
            @csrf
            <input type="hidden" name="event" value="{{ $event?->id }}">
            <input type="hidden" name="stage" value="{{ $back ?? $stage->value }}">
            <input type="hidden" name="face" value="{{ $face }}">
            @if ($step)<input type="hidden" name="step" value="{{ $step }}">@endif
            <button class="btn-plain undo" id="{{ $way }}" @disabled($event === null) title="{{ $event === null ? ($way === 'undo' ? 'Nothing to undo' : 'Nothing to do again') : "{$label}: {$event->sentence}" }}" aria-label="{{ $label }}{{ $event ? ": {$event->sentence}" : '' }}"><span class="at-length">{{ $label }}@if ($event)<span class="what">: {{ $event->sentence }}</span>@endif</span><span class="in-short" aria-hidden="true">{{ $way === 'undo' ? '↶' : '↷' }}</span></button>
        </form>
    @endforeach
</span>

{{-- “This one is spoiled”: which piece, and it is cut anew. --}}
@props(['project', 'parts', 'stage', 'step' => null])
@if ($parts !== [])
    <details class="spoiled" id="spoiled">
        <summary>One is spoiled</summary>
        <form class="sieve mb-0" method="post" action="{{ route('spoiled', $project) }}" hx-post="{{ route('spoiled', $project) }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">
            @csrf
            <input type="hidden" name="stage" value="{{ $stage }}">
            @if ($step)<input type="hidden" name="step" value="{{ $step }}">@endif
            <span class="sieve-by"><label for="spoiled-piece">Which</label>
            <select class="form-select" id="spoiled-piece" name="piece">@foreach ($parts as $part)<option value="{{ $part->key }}">{{ $part->letter }}, {{ $part->name }}</option>@endforeach</select></span>
            <button class="btn-plain">Cut it anew</button>
            <span class="quiet">From what is left over first; what it costs is said, and it can be undone.</span>
        </form>
        @error('piece')<p class="field-error">{{ $message }}</p>@enderror
    </details>
@endif

{{-- What is noted about single pieces. --}}
@php($about = $project->notesAbout($parts))
@foreach ($parts as $part)
    @foreach ($about[$part->key] ?? [] as $note)
        <li>@if ($note->photo)<a href="{{ route('notes.photo', [$project, $note]) }}"><img class="note-photo" src="{{ route('notes.photo', [$project, $note]) }}" alt="{{ $note->text }}" loading="lazy"></a>@endif<span>{{ $part->letter }}, {{ $part->called() }}: @typeset($note->text)</span>
            @if ($strikes)<form method="post" action="{{ route('notes.destroy', [$project, $note]) }}">@csrf @method('DELETE')<button aria-label="Strike the note {{ $note->text }}">strike</button></form>@endif</li>
    @endforeach
@endforeach

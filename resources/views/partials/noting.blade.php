{{-- Notes and photographs of one place: a step, a face, the book. --}}
@foreach ($notes as $note)
    <p class="mb-1">@if ($note->photo)<a href="{{ route('notes.photo', [$project, $note]) }}"><img class="note-photo" src="{{ route('notes.photo', [$project, $note]) }}" alt="{{ $note->text }}" loading="lazy"></a>@endif @typeset($note->text)
        <form class="d-inline" method="post" action="{{ route('notes.destroy', [$project, $note]) }}">@csrf @method('DELETE')<button class="btn-plain" aria-label="Strike the note {{ $note->text }}">strike</button></form></p>
@endforeach
<form class="noting" method="post" action="{{ route('notes.store', $project) }}" enctype="multipart/form-data">@csrf<x-once/>
    <input type="hidden" name="step" value="{{ $place }}">
    <input class="form-control" name="text" aria-label="Note something" placeholder="{{ $placeholder }}" maxlength="500">
    <label class="btn-plain photo-of"><input type="file" name="photo" accept="image/*" capture="environment" @change="$el.form.requestSubmit()"> Photograph</label>
    <button class="btn-plain">Note</button>
</form>
@error('photo')<p class="field-error">{{ $message }}</p>@enderror

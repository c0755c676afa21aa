<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\Pixels;
use App\Drawer\UnusablePicture;
use App\History\History;
use App\History\NoteSlice;
use App\Http\Requests\NoteRequest;
use App\Models\Note;
use App\Models\Project;
use App\Safekeeping\CannotBeKept;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

final readonly class NoteController
{
    /** Dots along the longer side of what is kept of a photograph. */
    private const PHOTO = 1400;

    public function __construct(private History $history)
    {
    }

    public function store(NoteRequest $request, Project $project): RedirectResponse
    {
        $note = ['mark' => (string) Str::ulid(), 'step' => $request->string('step')->value()];
        $back = redirect()->to($request->place($project), 303);
        $photo = $request->file('photo');
        $kept = [];
        if ($photo instanceof UploadedFile) {
            try {
                // Read and written anew: turned upright, and nothing of where it was taken is left in it.
                $pixels = Pixels::read((string) $photo->get())->atMost(self::PHOTO);
            } catch (UnusablePicture $refusal) {
                return $back->withErrors(['photo' => $refusal->getMessage()])->withInput();
            }
            $kept = ['photo' => "{$note['mark']}.jpg"];
            CannotBeKept::put("notes/{$kept['photo']}", $pixels->jpeg());
        }
        $text = $request->string('text')->value() ?: 'A photograph';
        $this->history->do($project, NoteSlice::KIND, "noted: {$text}", [...$note, 'text' => null], [...$note, 'text' => $text, ...$kept]);

        return $back;
    }

    public function photo(Project $project, Note $note): Response
    {
        $photo = $note->photo === null ? null : Storage::disk('local')->get("notes/{$note->photo}");

        return $photo === null ? abort(404) : response($photo, 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    public function destroy(Project $project, Note $note): RedirectResponse
    {
        $state = ['mark' => $note->mark, 'step' => $note->step];
        $this->history->do(
            $project,
            NoteSlice::KIND,
            "note struck: {$note->text}",
            [...$state, 'text' => $note->text, ...$note->only(['part', 'panel', 'is_play', 'axis', 'planned', 'came', 'photo'])],
            [...$state, 'text' => null],
        );

        return redirect()->to(NoteRequest::back($project, $note->step), 303);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\CannotTakeBack;
use App\History\History;
use App\Http\Requests\HistoryRequest;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;

/** Takes back the last thing done to a book, or does it again, on whatever stage one is. */
final readonly class HistoryController
{
    public function __construct(private History $history)
    {
    }

    public function undo(HistoryRequest $request, Project $project): RedirectResponse
    {
        return $this->turned($request, $project, fn (): string => 'taken back: '.$this->history->undo($project, $request->event()));
    }

    public function redo(HistoryRequest $request, Project $project): RedirectResponse
    {
        return $this->turned($request, $project, fn (): string => 'done again: '.$this->history->redo($project, $request->event()));
    }

    /** @param \Closure(): string $turn */
    private function turned(HistoryRequest $request, Project $project, \Closure $turn): RedirectResponse
    {
        $back = redirect()->to($request->returnTo($project), 303);
        try {
            return $back->with('changed', $turn());
        } catch (CannotTakeBack $refusal) {
            return $back->with('refused', $refusal->getMessage());
        }
    }
}

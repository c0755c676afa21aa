<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\History;
use App\History\LaidBySlice;
use App\Models\Project;
use App\Planning\CutPiecesInWords;
use App\Planning\LaidBy;
use App\Planning\Plans;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Pieces that are wrong now go into the drawer, for any book. */
final readonly class LaidByController
{
    public function __construct(private Plans $plans, private LaidBy $laidBy, private History $history)
    {
    }

    public function __invoke(Request $request, Project $project): RedirectResponse
    {
        $back = redirect()->route('cut', $project, 303);
        $plan = $this->plans->plan($project);
        $which = [$request->input('sheet'), $request->input('piece')];
        foreach ($plan->stocks as $stock) {
            foreach ($this->laidBy->pieces($stock, $project) as $piece) {
                if ([$piece->sheet, $piece->piece] === $which) {
                    [$before, $after] = $this->laidBy->states($project, $piece);
                    $this->history->do($project, LaidBySlice::KIND, (new CutPiecesInWords($plan))->into($piece), $before, $after);

                    return $back;
                }
            }
        }

        return $back->with('refused', 'Those pieces do not lie there any more.');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\History;
use App\History\SpoiledSlice;
use App\Http\Requests\SpoiledRequest;
use App\Models\Project;
use App\Planning\CutSoFar;
use App\Planning\Plans;
use App\Planning\Shaping;
use App\Planning\WhatItCosts;
use Ephemeron\Blueprint\Part;
use Illuminate\Http\RedirectResponse;

/** “This one is spoiled”: a piece that is cut is cut again, from what is left over first. */
final readonly class SpoiledController
{
    public function __construct(private Plans $plans, private History $history)
    {
    }

    public function __invoke(SpoiledRequest $request, Project $project): RedirectResponse
    {
        $back = redirect()->to($request->returnTo($project), 303);
        $before = $this->plans->plan($project);
        $part = $before->blueprint->parts[$request->string('piece')->value()] ?? null;
        $sheet = $part === null ? null : $this->sheetOf($project->atTheTrimmer(), $project->pieceAtTheTrimmer($part->key));
        if ($part === null || $sheet === null) {
            return $back->withErrors(['piece' => 'None of these is cut yet: there is nothing to spoil.']);
        }
        $which = ['sheet' => $sheet, 'piece' => $project->pieceAtTheTrimmer($part->key)];
        $count = $project->atTheTrimmer()->spoiledPieces()->where($which)->first()->count ?? 0;
        $steps = Shaping::stepsOf($part->key);
        $ticked = Shaping::ticked($project, $steps);
        $state = ['sheet' => $sheet, 'piece' => $part->key, 'steps' => $steps];
        $this->history->do(
            $project,
            SpoiledSlice::KIND,
            "spoiled: {$part->letter}, {$part->name}",
            [...$state, 'count' => $count, 'ticked' => $ticked],
            [...$state, 'count' => $count + 1, 'ticked' => []],
        );
        $after = $this->plans->plan($project->refresh());

        return $back->with('spoiled', (new WhatItCosts($before, $after))->sentence($this->named($part)));
    }

    private function named(Part $part): string
    {
        return "{$part->letter}, ".$part->called();
    }

    /** A begun sheet that has given one that is not spoiled yet. */
    private function sheetOf(Project $project, string $piece): ?string
    {
        $cut = CutSoFar::of($project);
        foreach ($cut->begun() as $key => [$sheet, $work]) {
            $came = 0;
            foreach ($sheet->pieces() as $blank) {
                foreach ($blank->demands as $letter) {
                    $came += $work->demand($letter)?->piece === $piece ? min(
                        $sheet->pattern->count,
                        $sheet->pattern->gives[$letter] ?? 0,
                    ) : 0;
                }
            }
            if ($came > ($cut->spoiled["{$key}/{$piece}"] ?? 0)) {
                return (string) $key;
            }
        }

        return null;
    }
}

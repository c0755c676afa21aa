<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\History;
use App\History\NoteSlice;
use App\Http\Requests\CameRequest;
use App\Models\Project;
use App\Planning\Plans;
use Ephemeron\AsMade\Consequence;
use Ephemeron\Blueprint\UnknownPiece;
use Ephemeron\Format\Complaints;
use Ephemeron\WorkPlan;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;

/** A piece came out otherwise than planned: it is noted, and what follows from it is told at once. */
final readonly class CameController
{
    public function __construct(private Plans $plans, private History $history)
    {
    }

    public function __invoke(CameRequest $request, Project $project): RedirectResponse
    {
        $plan = $this->plans->plan($project);
        $step = $request->string('step')->value();
        $back = redirect()->to(route('bench', ['project' => $project, 'step' => $step]).'#came', 303);
        try {
            $dimension = $request->dimension($plan->blueprint);
        } catch (UnknownPiece) {
            return $back->withErrors(['measure' => 'There is no such piece any more.'])->withInput();
        }
        $planned = $dimension->planned($plan->blueprint);
        $complaints = new Complaints;
        $came = $request->length($planned, $plan->design->unit, $complaints);
        if ($came === null || ! $came->isPositive()) {
            return $back->withErrors($complaints->all() ?: ['came' => 'Nothing is left of it then.'])->withInput();
        }
        $exact = static fn ($length): string => str_replace('/', '⁄', $plan->notation()->exact($length));
        $noted = $request->isAboutPlay() ? sprintf(
            '%s is %s by %s along its %s',
            $dimension->sayOf($plan->blueprint->part($dimension->part)),
            $came->isMoreThan($planned) ? 'tight' : 'loose',
            $exact($came->isMoreThan($planned) ? $came->minus($planned) : $planned->minus($came)),
            $dimension->axis->value,
        ) : sprintf(
            '%s came to %s along its %s%s, planned %s',
            $dimension->sayOf($plan->blueprint->part($dimension->part)),
            $exact($came),
            $dimension->axis->value,
            $request->isCrooked() ? ' when squared up' : '',
            $exact($planned),
        );
        $note = ['mark' => (string) Str::ulid(), 'step' => $step];
        $this->history->do($project, NoteSlice::KIND, $noted, [...$note, 'text' => null], [
            ...$note,
            'text' => $noted,
            'part' => $dimension->part,
            'panel' => $dimension->isWhole() ? null : $dimension->panel,
            'axis' => $dimension->axis->value,
            'is_play' => $request->isAboutPlay(),
            'planned' => $planned->ticks,
            'came' => $came->ticks,
        ]);
        $follows = $plan->consequences($this->cut($plan));
        $told = $follows->of($dimension, $came);

        return $back->with('came', [
            'noted' => "{$noted}.",
            'trim' => $follows->trim($dimension, $came),
            'told' => array_map(static fn (Consequence $each): array => [$each->sentence, $each->fits], $told),
            'changes' => array_merge(...array_map(static fn (Consequence $each): array => $each->changes, $told)),
        ]);
    }

    /** @return list<string> parts of which a sheet is cut already */
    private function cut(WorkPlan $plan): array
    {
        $letters = [];
        foreach ($plan->stocks as $stock) {
            foreach ($stock->cuts->patterns as $pattern) {
                $letters += $pattern->isCut ? $pattern->gives : [];
            }
        }
        $cut = [];
        foreach ($plan->blueprint->parts as $key => $part) {
            if (isset($letters[$part->letter])) {
                $cut[] = (string) $key;
            }
        }

        return $cut;
    }
}

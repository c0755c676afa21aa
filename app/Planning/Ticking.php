<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Like;
use App\Drawer\Consumption;
use App\History\CannotTakeBack;
use App\Models\Project;
use App\Models\Tick;
use Ephemeron\Cutting\CutWork;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Format\CutWorkJson;

/**
 * Puts the ticks of a step into a state, with what goes with it: the first cut of a sheet freezes the plan it was begun by and takes the
 * sheet from the drawer, the last one brings what is left over, and taking them back puts all of it back.
 */
final readonly class Ticking
{
    public function __construct(private Plans $plans, private Consumption $consumption, private CutWorkJson $json)
    {
    }

    /**
     * @param string $step its key, with the copy where each is made on its own: `nest-sheets@3`
     * @param list<string> $keys that are ticked then: the step’s own when it is done, and those of its places, `cut-…-1#2`
     *
     * @throws CannotTakeBack
     */
    public function put(Project $project, string $step, array $keys): void
    {
        $project = self::of($project, $step);
        $was = $this->ticked($project, $step);
        $sheet = str_starts_with($step, 'cut-') ? $this->sheet($project, $step) : null;
        if ($sheet === null && $keys !== [] && str_starts_with($step, 'cut-') && ! str_starts_with($step, 'cut-away-')) {
            throw CannotTakeBack::sheetIsGone();
        }
        $work = $sheet !== null && $was === [] && $keys !== [] ? $this->work($project, $step) : null;
        $project->ticks()->whereIn('key', array_diff($was, $keys))->delete();
        foreach (array_diff($keys, $was) as $key) {
            $project->ticks()->create(['key' => $key]);
        }
        $project->unsetRelation('ticks');
        if ($work !== null) {
            $project->cutWorks()->create(['plan' => $this->json->write($work)]);
        }
        if ($sheet !== null) {
            $this->settle($project, $step, $sheet, $was, $keys);
        } elseif (str_starts_with($step, 'cut-') && $was !== [] && $keys === []) {
            // Its sheet is in no plan any more; what it took of the drawer comes back all the same.
            $this->consumption->takeLeftoversBack($project, $step);
            $this->consumption->putBack($project, $step);
        }
        $project->unsetRelation('cutWorks');
    }

    public function isDone(Project $project, string $step): bool
    {
        return self::of($project, $step)->ticks()->where('key', $step)->exists();
    }

    /** @return list<string> */
    public function ticked(Project $project, string $step): array
    {
        $like = Like::begins("{$step}#");

        return array_values(
            self::of($project, $step)->ticks()->where(
                static fn ($ticks) => $ticks->where('key', $step)->orWhereRaw(Like::exactly('key'), [$like]),
            )->get()->map(static fn (Tick $tick): string => $tick->key)->all(),
        );
    }

    /** The book in which a step is ticked: sheets are cut by the plan of one. */
    private static function of(Project $project, string $step): Project
    {
        return Tick::isOfASheet($step) ? $project->atTheTrimmer() : $project;
    }

    /**
     * @param list<string> $was
     * @param list<string> $is
     */
    private function settle(Project $project, string $step, SheetPattern $sheet, array $was, array $is): void
    {
        if (array_diff($was, $is) !== [] && $project->spoiledPieces()->where('sheet', $step)->exists()) {
            throw CannotTakeBack::piecesAreGone();
        }
        [$wasDone, $isDone] = [in_array($step, $was, true), in_array($step, $is, true)];
        if ($wasDone && ! $isDone) {
            $this->consumption->takeLeftoversBack($project, $step);
        }
        if ($was === [] && $is !== []) {
            $this->consumption->take($project, $sheet);
        }
        if ($was !== [] && $is === []) {
            $this->consumption->putBack($project, $step);
            $this->forget($project);
        }
        if (! $wasDone && $isDone) {
            $this->consumption->leaveOver($project, $sheet);
        }
    }

    /** As it was begun, or as it is planned. */
    private function sheet(Project $project, string $key): ?SheetPattern
    {
        foreach (CutSoFar::works($project) as $work) {
            $sheet = $work->sheet($key);
            if ($sheet !== null) {
                return $sheet;
            }
        }

        return $this->plans->plan($project)->sheet($key);
    }

    /** The plan to freeze; null where one that is kept has the sheet. */
    private function work(Project $project, string $key): ?CutWork
    {
        foreach (CutSoFar::works($project) as $work) {
            if ($work->sheet($key) !== null) {
                return null;
            }
        }
        $stock = $this->plans->plan($project)->stockOfSheet($key);

        return $stock === null ? null : new CutWork(
            $stock->stock->identity(),
            $stock->stock->name,
            $stock->roles,
            $stock->demands,
            $stock->cuts,
            CutSoFar::spoiled($project),
        );
    }

    /** A plan by which nothing is cut any more is none to keep: the paper is planned anew. */
    private function forget(Project $project): void
    {
        $begun = [];
        foreach (CutSoFar::of($project)->begun() as [, $work]) {
            $begun[] = $this->json->write($work);
        }
        foreach ($project->cutWorks()->get() as $kept) {
            if (! in_array($this->json->write($this->json->read($kept->plan)), $begun, true)) {
                $kept->delete();
            }
        }
    }
}

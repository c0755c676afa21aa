<?php

declare(strict_types=1);

namespace App\Planning;

use App\Drawer\Consumption;
use App\Drawer\WorthKeeping;
use App\Models\Paper;
use App\Models\PaperMovement;
use App\Models\Project;
use App\Models\Tick;
use Ephemeron\Cutting\AsCut;
use Ephemeron\Cutting\CutWork;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Cutting\Supply;
use Ephemeron\Format\CutWorkJson;
use Ephemeron\Measure\Length;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** What a project’s ticks tell about its sheets. */
final readonly class CutSoFar
{
    /** By what leftovers of a book are known that are from no paper of the drawer. */
    private const KEPT = 'kept';

    /** More cuts than any sheet has. */
    private const ALL = 100_000;

    public static function of(Project $project): AsCut
    {
        $works = self::works($project);
        if ($works === []) {
            return AsCut::nothing();
        }
        $ticked = [];
        foreach ($project->ticks as $tick) {
            $ticked[$tick->key] = true;
        }
        $done = [];
        $finished = [];
        foreach ($works as $work) {
            foreach ($work->plan->patterns as $sheet) {
                if (isset($ticked[$sheet->key])) {
                    $done[$sheet->key] = self::ALL;
                    $finished[$sheet->key] ??= $sheet;

                    continue;
                }
                for ($cuts = 0; isset($ticked["{$sheet->key}#{$cuts}"]); $cuts++);
                if ($cuts > 0) {
                    $done[$sheet->key] = $cuts;
                }
            }
        }

        return new AsCut($works, $done, self::spoiled($project), static fn (): array => self::leftovers($project, $works, $finished));
    }

    /**
     * What longer looks have found for the book so far.
     *
     * @return list<list<mixed>>
     */
    public static function searched(Project $project): array
    {
        return self::rows($project, 'searches', 'plan_searches', ['key', 'taken', 'bound', 'plan']);
    }

    /**
     * All that {@see CutSoFar::of()} is read from, so that what follows from it may be remembered.
     *
     * @return list<mixed> nothing where nothing was begun
     */
    public static function mark(Project $project): array
    {
        $works = self::rows($project, 'cutWorks', 'cut_works', ['id', 'plan']);
        if ($works === []) {
            return [];
        }
        $isOfASheet = static fn (array $tick): bool => is_string($tick[0]) && Tick::isOfASheet($tick[0]);

        return [
            $project->id,
            $works,
            // What is done at the bench cuts nothing: the plan goes on from sheets alone.
            array_values(array_filter(self::rows($project, 'ticks', 'ticks', ['key']), $isOfASheet)),
            self::rows($project, 'spoiledPieces', 'spoiled_pieces', ['sheet', 'piece', 'count']),
            self::rows($project, 'offcutChoices', 'offcut_choices', ['step', 'offcut', 'keep']),
            self::moved($project),
            app(WorthKeeping::class)->narrowest()->ticks,
        ];
    }

    /** @return list<mixed> what its sheets took of the drawer and left there, with the papers as they lie there now */
    private static function moved(Project $project): array
    {
        return array_values(
            DB::table('paper_movements')->leftJoin('papers', 'papers.id', '=', 'paper_id')
                ->where('project_id', $project->id)->whereNotNull('step')->orderBy('paper_movements.id')
                ->get(['paper_id', 'step', 'change', 'kind', 'name', 'width', 'height', 'papers.count'])->all(),
        );
    }

    /**
     * What belongs to a book, as it is stored: as it was read, where it has been read.
     *
     * @param list<string> $columns
     * @return list<list<mixed>> in an order that has nothing to do with when it was stored
     */
    private static function rows(Project $project, string $relation, string $table, array $columns): array
    {
        $read = $project->getRelations()[$relation] ?? null;
        $rows = $read instanceof Collection
            ? $read->map(static fn (Model $row): mixed => $row->getRawOriginal())->all()
            : DB::table($table)->where('project_id', $project->id)->get($columns)->all();
        $rows = array_map(
            static fn (mixed $row): array => array_map(static fn (string $column): mixed => ((array) $row)[$column] ?? null, $columns),
            array_values($rows),
        );
        sort($rows);

        return $rows;
    }

    /** @return list<CutWork> the earliest first */
    public static function works(Project $project): array
    {
        $json = new CutWorkJson;

        return array_values(
            $project->cutWorks->sortBy('id')->map(static fn (\App\Models\CutWork $kept): CutWork => $json->read($kept->plan))->all(),
        );
    }

    /** @return array<string, int> */
    public static function spoiled(Project $project): array
    {
        $spoiled = [];
        foreach ($project->spoiledPieces as $piece) {
            $spoiled["{$piece->sheet}/{$piece->piece}"] = $piece->count;
        }
        ksort($spoiled);

        return $spoiled;
    }

    /**
     * What sheets that are cut to their end have left over: those of the drawer as they lie there, with what this book has taken of them
     * already; others as far as they are kept.
     *
     * @param list<CutWork> $works
     * @param array<string, SheetPattern> $finished
     * @return array<string, list<Supply>> by paper
     */
    private static function leftovers(Project $project, array $works, array $finished): array
    {
        if ($finished === []) {
            return [];
        }
        $from = array_combine(array_keys($finished), array_keys($finished));
        foreach ($project->spoiledPieces as $gone) {
            $from[Consumption::laidBy($gone->sheet, $gone->piece)] = $gone->sheet;
        }
        $papers = self::papersOf($project, $from);
        $choices = $project->offcutChoices->groupBy('step');
        $narrowest = app(WorthKeeping::class)->narrowest();
        $leftovers = [];
        foreach ($works as $work) {
            foreach ($work->plan->patterns as $sheet) {
                if (($finished[$sheet->key] ?? null) !== $sheet) {
                    continue;
                }
                foreach ($papers[$sheet->key] ?? [] as $supply) {
                    $leftovers[$work->paper][$supply->key] = $supply;
                }
                if ($sheet->supply->key !== '' && ! $sheet->supply->isCutBefore()) {
                    continue;
                }
                foreach ($sheet->offcuts() as $index => $offcut) {
                    $size = $offcut->area()->size();
                    $chosen = $choices->get($sheet->key)?->firstWhere('offcut', $index);
                    if ($chosen->keep ?? $size->shortSide()->isAtLeast($narrowest)) {
                        $mark = "{$size->width->ticks}x{$size->height->ticks}";
                        $there = $leftovers[$work->paper][$mark]->available ?? 0;
                        $leftovers[$work->paper][$mark] = new Supply(
                            $work->name,
                            $size,
                            Length::zero(),
                            $there + $sheet->count,
                            isLeftover: true,
                            key: self::KEPT,
                        );
                    }
                }
            }
        }

        return array_map(array_values(...), $leftovers);
    }

    /**
     * @param array<string, string> $from the sheet by what the drawer knows its leftovers under
     * @return array<string, list<Supply>> leftovers in the drawer by the sheet they came from
     */
    private static function papersOf(Project $project, array $from): array
    {
        $leftovers = [];
        $moved = PaperMovement::query()->with('paper')->where('project_id', $project->id)->whereIn('step', array_keys($from));
        $came = $moved->where('change', '>', 0)->get();
        foreach ($came as $movement) {
            $paper = $movement->paper;
            if (! $paper instanceof Paper || $paper->kind !== 'leftover' || $movement->step === null) {
                continue;
            }
            $taken = $paper->takenFor($project);
            if ($paper->count + $taken > 0) {
                $leftovers[$from[$movement->step] ?? ''][] = new Supply(
                    $paper->name,
                    $paper->size(),
                    Length::zero(),
                    $paper->count + $taken,
                    isLeftover: true,
                    key: (string) $paper->id,
                );
            }
        }

        return $leftovers;
    }
}

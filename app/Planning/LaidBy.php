<?php

declare(strict_types=1);

namespace App\Planning;

use App\Drawer\Consumption;
use App\Models\PaperMovement;
use App\Models\Project;
use Ephemeron\Cutting\CutPiece;
use Ephemeron\Cutting\Fate;
use Ephemeron\Fit\StockPlan;

/** Pieces that are wrong now and can go into the drawer. */
final readonly class LaidBy
{
    public function __construct(private Consumption $consumption)
    {
    }

    /** @return list<CutPiece> of sheets that came from the drawer, by sheet and piece */
    public function pieces(StockPlan $stock, Project $project): array
    {
        $wrong = [];
        foreach ($stock->pieces as $piece) {
            if ($piece->fate === Fate::Wrong && $piece->count > 0) {
                $key = "{$piece->sheet}/{$piece->piece}";
                $wrong[$key] = $piece->with(count: $piece->count + ($wrong[$key]->count ?? 0));
            }
        }
        $begun = $wrong === [] ? [] : CutSoFar::of($project)->begun();

        return array_values(
            array_filter(
                $wrong,
                fn (CutPiece $piece): bool => isset($begun[$piece->sheet]) && $this->consumption->knows($begun[$piece->sheet][0]->pattern),
            ),
        );
    }

    /** @return array{array<string, mixed>, array<string, mixed>} before and after all of these are put into the drawer */
    public function states(Project $project, CutPiece $piece): array
    {
        $which = ['sheet' => $piece->sheet, 'piece' => $piece->piece];
        $count = $project->spoiledPieces()->where($which)->first()->count ?? 0;
        $moved = PaperMovement::query()->where(
            ['project_id' => $project->id, 'step' => Consumption::laidBy($piece->sheet, $piece->piece)],
        )->get();
        $laid = $moved->sum(static fn (PaperMovement $movement): int => $movement->change);

        return [
            [...$which, 'count' => $count, 'laid' => $laid],
            [...$which, 'count' => $count + $piece->count, 'laid' => $laid + $piece->count],
        ];
    }
}

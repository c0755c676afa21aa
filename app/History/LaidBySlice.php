<?php

declare(strict_types=1);

namespace App\History;

use App\Drawer\Consumption;
use App\Models\Project;
use App\Planning\CutSoFar;

/** Pieces that are wanted no more, put into the drawer as leftovers: gone from the book, there for any other. */
final readonly class LaidBySlice implements Slice
{
    public const KIND = 'laid-by';

    public function __construct(private Consumption $consumption)
    {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function put(Project $project, array $state): void
    {
        $gone = Gone::of($state);
        [$sheet, $work] = CutSoFar::of($project)->begun()[$gone->sheet] ?? throw CannotTakeBack::sheetIsGone();
        $area = $sheet->areaOf($gone->piece, $work) ?? throw CannotTakeBack::sheetIsGone();
        $this->consumption->layBy($project, $sheet->pattern, $area, $gone);
        $project->loses($gone->sheet, $gone->piece, $gone->count);
    }
}

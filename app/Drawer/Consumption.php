<?php

declare(strict_types=1);

namespace App\Drawer;

use App\History\CannotTakeBack;
use App\History\Gone;
use App\Models\Paper;
use App\Models\PaperMovement;
use App\Models\Project;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Geometry\Rectangle;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/** What a begun sheet takes from the drawer, and the leftovers it puts there when it is cut; taking the ticks back puts all of it back. */
final readonly class Consumption
{
    public function __construct(private WorthKeeping $keeping)
    {
    }

    public function take(Project $project, SheetPattern $sheet): void
    {
        $this->paperOf($sheet)?->move(-$sheet->count, "Cut for {$project->name}", $project, $sheet->key);
    }

    public function leaveOver(Project $project, SheetPattern $sheet): void
    {
        $paper = $this->paperOf($sheet);
        if ($paper === null) {
            return;
        }
        $chosen = $project->offcutChoices()->where('step', $sheet->key)->pluck('keep', 'offcut');
        foreach ($sheet->offcuts() as $index => $offcut) {
            if ($chosen[$index] ?? $this->keeping->is($offcut->area()->size())) {
                $this->leftover($paper, $offcut->area())->move($sheet->count, "Left over from {$project->name}", $project, $sheet->key);
            }
        }
    }

    /**
     * So many pieces of a sheet lie in the drawer then.
     *
     * @param Rectangle $area where one of them lay on its sheet
     *
     * @throws CannotTakeBack where one that is to come back has been used since
     */
    public function layBy(Project $project, SheetPattern $sheet, Rectangle $area, Gone $gone): void
    {
        $step = self::laidBy($gone->sheet, $gone->piece);
        $this->putBack($project, $step);
        $paper = $this->paperOf($sheet);
        if ($paper !== null && $gone->laid > 0) {
            $this->leftover($paper, $area)->move($gone->laid, "Wanted no more in {$project->name}", $project, $step);
        }
    }

    /** Under which step the drawer knows pieces that were laid by. */
    public static function laidBy(string $sheet, string $piece): string
    {
        return "{$sheet}/".substr(sha1($piece), 0, 12);
    }

    /** Whether a sheet is one of the drawer's. */
    public function knows(SheetPattern $sheet): bool
    {
        return $this->paperOf($sheet) !== null;
    }

    /** @throws CannotTakeBack where a leftover has been used since */
    public function takeLeftoversBack(Project $project, string $sheet): void
    {
        $this->back($this->movements($project, $sheet)->where('change', '>', 0));
    }

    /** @throws CannotTakeBack */
    public function putBack(Project $project, string $sheet): void
    {
        $this->back($this->movements($project, $sheet));
    }

    private function paperOf(SheetPattern $sheet): ?Paper
    {
        return ctype_digit($sheet->supply->key) ? Paper::query()->withoutGlobalScope(SoftDeletingScope::class)
            ->find((int) $sheet->supply->key) : null;
    }

    /** @return Collection<int, PaperMovement> */
    private function movements(Project $project, string $sheet): Collection
    {
        return PaperMovement::query()->with('paper')->where('project_id', $project->id)->where('step', $sheet)->get();
    }

    /** @param Collection<int, PaperMovement> $movements */
    private function back(Collection $movements): void
    {
        foreach ($movements as $movement) {
            $paper = $movement->paper;
            if ($paper === null) {
                continue;
            }
            if ($movement->change > $paper->count) {
                throw CannotTakeBack::leftoverIsUsed("“{$paper->name}”");
            }
            $paper->move(-$movement->change, "Put back: {$movement->why}");
            $movement->update(['step' => null]);
            if ($paper->kind === 'leftover' && $paper->count === 0) {
                $paper->forceDelete();
            }
        }
    }

    /** Where it lay on the sheet is kept: there is its part of the picture. */
    private function leftover(Paper $paper, Rectangle $area): Paper
    {
        $place = ['cut_left' => $paper->cut_left + $area->left()->ticks, 'cut_top' => $paper->cut_top + $area->top()->ticks];
        $alike = [
            'pad',
            'weight',
            'sides',
            'direction',
            'grain',
            'place',
            'tags',
            'swatch',
            'swatch_b',
            'leaf',
            'thickness',
            'picture',
            'picture_b',
        ];

        return Paper::query()->firstOrCreate(
            [
                'parent_id' => $paper->parent_id ?? $paper->id,
                'kind' => 'leftover',
                'width' => $area->width()->ticks,
                'height' => $area->height()->ticks,
                ...($paper->picture === null ? [] : $place),
            ],
            [
                ...$paper->only($alike),
                'name' => $paper->kind === 'leftover' ? $paper->name : mb_substr($paper->name, 0, 70).', leftover',
                ...$place,
                'maker_id' => $paper->maker_id,
            ],
        );
    }
}

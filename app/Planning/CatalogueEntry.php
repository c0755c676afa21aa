<?php

declare(strict_types=1);

namespace App\Planning;

use App\Drawing\PoseDrawing;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Task;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Paper\StockRole;
use Ephemeron\Structure\Skill;
use Ephemeron\WorkPlan;

/** One structure in the catalogue, at its usual size. */
final readonly class CatalogueEntry
{
    private const STRUCTURE_ROLES = [StockRole::StructureCard, StockRole::SecondCard, StockRole::BookSheet];

    /**
     * @param array<string, string> $drawings SVG by the name of the state
     * @param array<string, int> $photos by size
     * @param list<string> $closings
     * @param list<string> $traits what can be filtered by
     */
    private function __construct(
        public string $key,
        public string $name,
        public string $summary,
        public string $closed,
        public array $drawings,
        public int $sheets,
        public int $pieces,
        public int $pages,
        public array $photos,
        public string $skill,
        public array $closings,
        public array $traits,
    ) {
    }

    public static function of(WorkPlan $plan): self
    {
        $drawing = new PoseDrawing($plan);
        $drawings = [];
        foreach ($plan->blueprint->all(Pose::class) as $pose) {
            if (count($drawings) < 2) {
                $drawings[$pose->name] = $drawing->draw($pose)->inline();
            }
        }
        $photos = array_filter(Tally::of($plan)->photos);

        return new self(
            $plan->structure->about()->key,
            $plan->structure->about()->name,
            $plan->structure->about()->summary,
            $plan->notation()->size($plan->blueprint->closedSize()),
            $drawings,
            $plan->sheets(),
            $plan->blueprint->pieces(),
            count($plan->blueprint->pages()),
            $photos,
            $plan->structure->about()->skill->label(),
            $plan->blueprint->closings(),
            self::traitsOf($plan),
        );
    }

    /** @return array<string, string> what can be filtered by, and how it is called */
    public static function filters(): array
    {
        return [
            'one-sheet' => 'from one sheet',
            'holds-photos' => 'holds 4 × 6 or 9 × 13',
            'card-only' => 'card only, before mats',
            'hard-cover' => 'hard cover',
            'no-sewing' => 'no thread, coil or needle',
            'first-book' => 'a first book',
        ];
    }

    /** @return list<string> */
    private static function traitsOf(WorkPlan $plan): array
    {
        $mats = array_map(
            static fn (Joint $joint): string => $joint->from->part,
            array_filter($plan->blueprint->all(Joint::class), static fn (Joint $joint): bool => $joint->layer === Layer::Mat),
        );
        $roles = [];
        foreach ($plan->blueprint->parts as $part) {
            if (! in_array($part->key, $mats, true) && $part->role !== StockRole::MatBase && $part->role !== StockRole::MatTop) {
                $roles[] = $part->role->value;
            }
        }
        $structure = array_map(static fn (StockRole $role): string => $role->value, self::STRUCTURE_ROLES);
        $sheets = array_sum(
            array_map(
                static fn (StockPlan $stock): int => array_intersect($stock->roles, $structure) === [] ? 0 : $stock->cuts->sheets(),
                $plan->stocks,
            ),
        );
        $photos = Tally::of($plan)->photos;
        $needles = array_filter($plan->blueprint->tasks, static fn (Task $task): bool => $task->caution === Caution::Needle);
        $traits = [
            'one-sheet' => $sheets === 1 && ! in_array(StockRole::Board->value, $roles, true),
            'holds-photos' => ($photos[PhotoSize::FourBySix->label()] ?? $photos[PhotoSize::NineByThirteen->label()] ?? 0) > 0,
            'card-only' => array_diff(
                $roles,
                [StockRole::StructureCard->value, StockRole::SecondCard->value, StockRole::InsertCard->value],
            ) === [],
            'hard-cover' => in_array(StockRole::Board->value, $roles, true),
            'no-sewing' => $needles === [],
            'first-book' => $plan->structure->about()->skill === Skill::First,
        ];

        return array_keys(array_filter($traits));
    }
}

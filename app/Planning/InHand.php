<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Bench\PlacesInShort;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\Cut;
use Ephemeron\Cutting\CutStep;
use Ephemeron\Cutting\Offcut;
use Ephemeron\Cutting\Piece;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Cutting\SheetState;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Measure\Axis;
use Ephemeron\WorkPlan;

/** The sheet at the trimmer: the first one of which not every cut is made, or the one that was asked for. */
final readonly class InHand
{
    /** @param list<Step> $waiting sheets that come after it, not cut yet */
    private function __construct(
        private WorkPlan $plan,
        private Progress $progress,
        private array $waiting,
        public Step $step,
        public StockPlan $stock,
        public SheetPattern $pattern,
        public int $done,
        public SheetState $state,
        public int $sheet,
        public int $sheets,
    ) {
    }

    /** @return self|null null when all is cut */
    public static function of(WorkPlan $plan, Progress $progress, ?string $asked): ?self
    {
        $open = array_values(array_filter(self::sheets($plan), static fn (Step $step): bool => ! $progress->isDone($step)));
        $asked = array_values(array_filter($open, static fn (Step $step): bool => $step->key === $asked));
        $step = $asked[0] ?? $open[0] ?? null;

        return self::at($plan, $progress, $step, array_values(array_filter($open, static fn (Step $each): bool => $each !== $step)));
    }

    /** What is in hand when this cut is made too: the same sheet, or the next one; null where that was the last cut of all. */
    public function afterThisCut(): ?self
    {
        return $this->done + 1 < count($this->step->places)
            ? self::at($this->plan, $this->progress, $this->step, $this->waiting, $this->done + 1)
            : self::at($this->plan, $this->progress, $this->waiting[0] ?? null, array_slice($this->waiting, 1));
    }

    /** @return list<Step> */
    private static function sheets(WorkPlan $plan): array
    {
        return array_values(
            array_filter($plan->steps, static fn (Step $step): bool => $step->phase === Phase::Cut && $step->picture->kind === 'sheet'),
        );
    }

    /**
     * @param list<Step> $waiting
     * @param int|null $done cuts that are made; null: as many as are ticked
     */
    private static function at(WorkPlan $plan, Progress $progress, ?Step $step, array $waiting, ?int $done = null): ?self
    {
        $pattern = $step === null ? null : $plan->patternOf($step);
        $stock = $step === null ? null : $plan->stockOfSheet($step->key);
        if ($step === null || $pattern === null || $stock === null) {
            return null;
        }
        for ($ticked = 0; $done === null && $ticked < count($step->places) && $progress->isPlaceDone($step, $ticked); $ticked++);
        $done ??= $ticked;
        $sheets = self::sheets($plan);

        return new self(
            $plan,
            $progress,
            $waiting,
            $step,
            $stock,
            $pattern,
            $done,
            SheetState::after($pattern, $done),
            (int) array_search($step, $sheets, true) + 1,
            count($sheets),
        );
    }

    /** @return list<Part> that come from the paper in hand */
    public function parts(): array
    {
        return array_values(
            array_filter($this->plan->blueprint->parts, fn (Part $part): bool => $this->stock->isFor($part)),
        );
    }

    public function cut(): ?CutStep
    {
        return $this->state->next;
    }

    /** Which of the two pieces is meant. */
    public function side(bool $first): string
    {
        return match ([$this->cut()?->along, $first]) {
            [Axis::Width, true] => 'left',
            [Axis::Width, false] => 'right',
            [Axis::Height, true] => 'upper',
            default => 'lower',
        };
    }

    /** What becomes of a piece: “2 of C, page mats”, “offcut 2 × 12 in”, “to cut on”. */
    public function fate(Piece $piece): string
    {
        if ($piece instanceof Blank) {
            $sections = [];
            $places = [];
            foreach ($this->plan->blueprint->parts as $part) {
                if (in_array($part->letter, $piece->demands, true)) {
                    $sections[$part->section] = lcfirst($part->section);
                    array_push($places, ...$part->places);
                }
            }
            foreach ($this->plan->guests as $guest) {
                if (array_filter($piece->demands, $guest->asksFor(...)) !== []) {
                    $sections[] = "for {$guest->design->name}";
                }
            }
            $where = PlacesInShort::of($places);

            return ($where === '' ? '' : "{$where} · ").$piece->label().', '.implode(' or ', $sections)
                .($piece->turned ? ', lying turned' : '');
        }
        $size = $this->plan->notation()->size($piece->area()->size());

        return match (true) {
            $piece instanceof Offcut && $piece->selvage => 'the selvage strip',
            $piece instanceof Offcut => "an offcut {$size}",
            default => $size,
        };
    }

    /** Whether a piece is cut next, laid aside to be cut later, or done. */
    public function turn(bool $first): string
    {
        $steps = $this->pattern->steps();
        $now = $steps[$this->done] ?? null;
        $piece = $first ? $now?->first : $now?->second;
        $next = ($steps[$this->done + 1] ?? null)?->cut->signature();

        return match (true) {
            $piece instanceof Offcut => $piece->selvage ? 'away with it' : 'laid aside',
            ! $piece instanceof Cut => 'done: onto its pile',
            $piece->signature() === $next => 'cut next',
            default => 'laid aside, cut later',
        };
    }

    /** What the hands do with the fence and the paper before the cut after this one. */
    public function then(): string
    {
        $steps = $this->pattern->steps();
        $now = $steps[$this->done] ?? null;
        $next = $steps[$this->done + 1] ?? null;
        if ($now === null) {
            return '';
        }
        if ($next === null) {
            return 'It is the last cut of '.($this->pattern->count === 1 ? 'this sheet.' : 'these sheets.');
        }
        $size = $this->plan->notation()->size($next->piece);
        $piece = match (true) {
            $next->cut->signature() === $now->first->signature() => "keep the {$this->side(true)} piece",
            $next->cut->signature() === $now->second->signature() => "keep the {$this->side(false)} piece",
            default => "take the {$size} that wait",
        };

        return ucfirst($piece).($next->along === $now->along ? '.' : ' and turn it.').($next->sameFence ? ' The fence stays.' : '');
    }
}

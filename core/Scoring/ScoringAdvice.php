<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Part;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Stock;

/**
 * Which side of a piece the scores are pressed into, and whether both are. A score is pressed into what becomes the outside of the fold,
 * so that the ridge behind it lies inside (common practice, no published source): mountains with side A up, valleys with side B up.
 */
final readonly class ScoringAdvice
{
    /** Lighter than this it makes no difference. */
    private const LIGHT = 130.0;

    /** @param bool $withPlaces false where several parts of different sizes are spoken of at once */
    public function __construct(private Part $part, private Stock $stock, private Notation $notation, private bool $withPlaces = true)
    {
    }

    /** @return list<string> */
    public function sentences(): array
    {
        return array_values(array_filter([$this->sides(), $this->bothSides()]));
    }

    private function sides(): string
    {
        $folds = array_unique(array_map(static fn (Crease $crease): string => $crease->fold->value, $this->part->creases));
        if ($this->stock->grammage->inGrams() < self::LIGHT) {
            return 'Paper as light as this folds either way, whichever side is scored.';
        }
        if (! in_array(Fold::Valley->value, $folds, true)) {
            return 'Score with side A up: these are mountains, and the ridge comes to lie inside the fold.';
        }
        $behind = $this->behind();
        if (! in_array(Fold::Mountain->value, $folds, true)) {
            return '⇄ Score with side B up, for these are valleys: then the ridge lies inside the fold.'.($this->withPlaces ? " Turned over left to right {$behind}." : '');
        }

        return 'Score the mountains with side A up. ⇄ Then turn the piece over, left to right, and score the valleys with side B up'.($this->withPlaces ? ": {$behind}." : '.');
    }

    /** Where the valleys are when the piece lies with side B up, turned over left to right. */
    private function behind(): string
    {
        $said = [];
        foreach (Axis::cases() as $along) {
            $at = [];
            foreach ($this->part->creases as $crease) {
                if ($crease->fold === Fold::Valley && $crease->along() === $along) {
                    $place = $along === Axis::Width ? $this->part->size->width->minus($crease->at()) : $crease->at();
                    $at[$place->ticks] = $this->notation->number(Length::ofTicks($place->ticks));
                }
            }
            ksort($at);
            if ($at !== []) {
                $said[] = "along the {$along->value} they are at ".implode(', ', $at);
            }
        }

        return $said === [] ? 'they lie aslant; mark their ends' : implode(', ', $said);
    }

    private function bothSides(): string
    {
        $reasons = [];
        if ($this->stock->grammage->isHeavyCard()) {
            $reasons[] = "{$this->stock->grammage->text()} is heavy";
        }
        if (! $this->stock->doubleSided) {
            $reasons[] = 'its core shows where it cracks';
        }
        $grain = $this->stock->grain->axis();
        $folds = $this->part->foldsAlong();
        if ($grain !== null && $folds !== null && $grain !== $folds && $this->part->upright && $this->stock->isDirectional($this->part->shows)) {
            $reasons[] = 'the folds run across the grain';
        }

        return $reasons === [] ? '' : 'Score it on both sides, the second time lightly: '.implode(', ', $reasons).'. Ink the folds before anything is glued.';
    }
}

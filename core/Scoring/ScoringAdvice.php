<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Part;
use Ephemeron\Paper\Stock;

/**
 * Which side of a piece the scores are pressed into, and whether both are. A score is pressed into what becomes the outside of the fold,
 * so that the ridge behind it lies inside (common practice, no published source): mountains with the letter side down, valleys with the
 * letter side up.
 */
final readonly class ScoringAdvice
{
    /** Lighter than this it makes no difference. */
    private const LIGHT = 130.0;

    /** Turned over so, the left end stays where it is, and with it every place. */
    private const OVER = 'Turn it over towards you, the same side at the fence: every place stays the same.';

    public function __construct(private Part $part, private Stock $stock)
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
        $has = static fn (Fold $fold): bool => in_array($fold->value, $folds, true);
        if ($this->stock->grammage->inGrams() < self::LIGHT) {
            return 'Paper as light as this folds either way, whichever side is scored.';
        }

        return match (true) {
            $has(Fold::Either) => 'It is folded both ways: score it on both sides. ⇄ '.self::OVER,
            ! $has(Fold::Valley) => 'Letter side down: these are mountains, and the ridge comes to lie inside the fold.',
            ! $has(Fold::Mountain) => 'These are valleys: ⇄ pressed with the letter side up, the ridge lies inside the fold. '.self::OVER,
            default => 'The mountains with the letter side down. ⇄ Then the valleys with the letter side up. '.self::OVER,
        };
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
        if ($grain !== null && $folds !== null && $grain !== $folds && $this->part->upright
            && $this->stock->isDirectional($this->part->shows)) {
            $reasons[] = 'the folds run across the grain';
        }

        return $reasons === [] ? '' : 'Score it on both sides, the second time lightly: '.implode(', ', $reasons).'. Ink the folds '
            .'before anything is glued.';
    }
}

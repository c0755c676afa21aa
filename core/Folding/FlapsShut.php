<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Paper\Side;
use Ephemeron\Structure\BlankFlap;

/**
 * When the flaps of a base are shut: those on a side that comes to lie inside before anything folds, the others when all is folded. Of
 * several on one face the one that was glued on first is shut first.
 */
final readonly class FlapsShut
{
    /**
     * @param list<BlankFlap> $first
     * @param list<BlankFlap> $last
     */
    private function __construct(public array $first, public array $last)
    {
    }

    /** @param list<BlankFlap> $flaps of the base that is folded, in the order in which they are put on */
    public static function of(FoldedSheet $folded, array $flaps): self
    {
        $isOutside = static function (BlankFlap $flap) use ($folded): bool {
            $panel = $folded->pattern->faceOf("c{$flap->column}-r{$flap->row}");
            if ($panel === null || $folded->layers === []) {
                return true;
            }
            $looksUp = $folded->places[$panel]->isTurnedOver() === ($flap->side === Side::B);

            return $panel === ($looksUp ? $folded->layers[count($folded->layers) - 1] : $folded->layers[0]);
        };

        return new self(
            array_values(array_filter($flaps, static fn (BlankFlap $flap): bool => ! $isOutside($flap))),
            array_values(array_filter($flaps, $isOutside)),
        );
    }
}

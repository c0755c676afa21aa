<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Design\Design;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Sizing;

/** Turns the parameters that a structure names for it: broader, taller, longer. */
final readonly class Resizer
{
    public function __construct(private Catalogue $catalogue, private Workshop $workshop)
    {
    }

    public function sizing(Design $design): Sizing
    {
        return $this->catalogue->get($design->structure)->about()->sizing;
    }

    /**
     * To the tool’s marks, downwards, or upwards.
     *
     * @param Length $across more, or less than nothing
     * @return Design|null null where a size is beyond its range, or sizes cannot be built together
     */
    public function resized(Design $design, Length $across, Length $down, bool $upwards = false): ?Design
    {
        $sizing = $this->sizing($design);
        $grid = $design->tools->grid;
        $values = $design->parameters;
        foreach ([...array_fill_keys($sizing->broader, $across), ...array_fill_keys($sizing->taller, $down)] as $key => $more) {
            $length = $values->length($key)->plus($more);
            $values = $more->isZero() ? $values : $values->with($key, $upwards ? $grid->up($length) : $grid->down($length));
        }

        return $this->buildable($design->with(parameters: $values));
    }

    /** With so many pages; null where it cannot be built so. */
    public function counted(Design $design, int $count): ?Design
    {
        $longer = $this->sizing($design)->longer;

        return $longer === null ? $design : $this->buildable($design->with(parameters: $design->parameters->with($longer, $count)));
    }

    /** @return array{int, int} fewest pages and most, as its structure counts them */
    public function counts(Design $design): array
    {
        $longer = $this->sizing($design)->longer;
        foreach ($this->catalogue->get($design->structure)->parameters() as $parameter) {
            if ($parameter->key === $longer && is_int($parameter->minimum) && is_int($parameter->maximum)) {
                return [$parameter->minimum, $parameter->maximum];
            }
        }

        return [1, 1];
    }

    public function closed(Design $design): Size
    {
        return $this->workshop->blueprint($design)->closedSize();
    }

    private function buildable(Design $design): ?Design
    {
        $structure = $this->catalogue->get($design->structure);
        foreach ($structure->parameters() as $parameter) {
            if (! $parameter->takes($design->parameters->values[$parameter->key] ?? null)) {
                return null;
            }
        }

        return $structure->refusals($design->parameters, $design->notation()) === [] ? $design : null;
    }
}

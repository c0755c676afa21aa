<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Part;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\WorkPlan;

/** A book as it stands on the shelf: opened, so that one knows it again. */
final readonly class ShelfDrawing
{
    public function __construct(private WorkPlan $plan, private Prints $prints = new Prints)
    {
    }

    public function draw(): SvgDrawing
    {
        $slit = array_filter(
            $this->plan->blueprint->parts,
            static fn (Part $part): bool => $part->slits !== [] && count($part->panels) > 8,
        );
        if ($slit !== []) {
            return (new PartDrawing($this->plan->notation(), false))->draw($slit[array_key_first($slit)], 4.0);
        }
        $spreads = new SpreadDrawing($this->plan->layout, $this->prints);
        $openings = $spreads->openings();
        usort($openings, fn (array $one, array $other): int => $this->things($other) <=> $this->things($one));

        return $spreads->draw($openings[0], rulers: false);
    }

    /** @param list<Face> $opening */
    private function things(array $opening): int
    {
        return array_sum(
            array_map(
                fn (Face $face): int => count($this->plan->blueprint->on($face->key)) + count($this->plan->blueprint->flapsOn($face->key)),
                $opening,
            ),
        );
    }
}

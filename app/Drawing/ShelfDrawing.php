<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Part;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\WorkPlan;

/** The small drawing of a project on the shelf: what tells one book from another at a glance. */
final readonly class ShelfDrawing
{
    public function __construct(private WorkPlan $plan)
    {
    }

    public function draw(): SvgDrawing
    {
        $slit = array_filter($this->plan->blueprint->parts, static fn (Part $part): bool => $part->slits !== []);
        if ($slit !== []) {
            return (new PartDrawing($this->plan->notation(), false))->draw($slit[array_key_first($slit)], 4.0);
        }
        $spreads = new SpreadDrawing($this->plan);
        $openings = $spreads->openings();
        usort($openings, fn (array $one, array $other): int => $this->things($other) <=> $this->things($one));

        return $spreads->draw($openings[0], rulers: false);
    }

    /** @param list<\Ephemeron\Blueprint\Face> $opening */
    private function things(array $opening): int
    {
        return array_sum(array_map(fn ($face): int => count($this->plan->blueprint->on($face->key)), $opening));
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

use Ephemeron\Blueprint\Act\Reach;
use Ephemeron\Blueprint\Blueprint;

/** One name for each surface: a panel of a single part that is a face of the book is known as that face. */
final readonly class Surfaces
{
    /** @var array<string, string> face by panel */
    private array $faces;

    public function __construct(Blueprint $blueprint)
    {
        $faces = [];
        $several = [];
        foreach ($blueprint->faces as $face) {
            $panel = "{$face->paper->part}/{$face->paper->panel}/{$face->paper->side->value}";
            if (isset($faces[$panel]) || $blueprint->part($face->paper->part)->quantity > 1) {
                $several[$panel] = true;
            }
            $faces[$panel] = $face->key;
        }
        $this->faces = array_diff_key($faces, $several);
    }

    public function named(Reach $reach): Reach
    {
        $face = $this->faces[$reach->surface] ?? null;

        return $face === null ? $reach : new Reach($face, $reach->depth, $reach->area);
    }
}

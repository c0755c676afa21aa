<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Paper\Choices;

/** The pads laid out: a print for every place, as choices of a design, and what could not be kept. */
final readonly class PaperProposal
{
    /**
     * @param Choices $choices of the whole design, what was chosen by hand included
     * @param list<string> $unkept sentences
     * @param int $sheets that are begun of the prints on offer, as the cut plan proves
     */
    public function __construct(public Choices $choices, public array $unkept, public int $sheets, public Arrangement $arrangement)
    {
    }
}

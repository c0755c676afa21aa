<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Fact;
use Ephemeron\Gathering\Template;
use Ephemeron\Gathering\TextBlock;

/** The leaves of a journal as they are bound. */
final readonly class Gathered implements Fact
{
    /** @param list<list<string>> $parts keys of the parts of its sheets, signature by signature, from the outermost in */
    public function __construct(public TextBlock $block, public Template $template, public array $parts)
    {
    }

    public function mark(): null
    {
        return null;
    }
}

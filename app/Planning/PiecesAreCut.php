<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;

/** A change would make pieces that are cut already trimmed or wrong: the maker is asked first. */
final class PiecesAreCut extends \RuntimeException
{
    /**
     * @param array<string, mixed> $changes by place, as they were asked for
     * @param list<string> $sentences what would become of the pieces
     */
    public function __construct(public readonly Project $project, public readonly array $changes, public readonly array $sentences)
    {
        parent::__construct(implode(' ', $sentences));
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Drawer;

use Ephemeron\Paper\PaperKind;

/** How far the sheets go. */
final readonly class Reach
{
    /**
     * @param int $copies books that come out of the sheets
     * @param list<Sheets> $missing for one book more
     * @param list<Sheets> $left when the books are cut
     */
    public function __construct(public int $copies, public array $missing, public array $left)
    {
    }

    /** Sheets left of one kind. */
    public function leftOf(PaperKind $kind): int
    {
        return array_sum(array_map(static fn (Sheets $sheets): int => $sheets->kind === $kind ? $sheets->count : 0, $this->left));
    }
}

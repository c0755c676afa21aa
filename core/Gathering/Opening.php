<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** Two faces one sees together: the back of a leaf and the front of the next. */
final readonly class Opening
{
    /** @param int $number of the face on the left, counted through the whole block; the one on the right is the next */
    public function __construct(public Leaf $left, public Leaf $right, public int $number)
    {
    }

    /** Two halves of one sheet, its fold between them. */
    public function isMiddle(): bool
    {
        return $this->left->sheet === $this->right->sheet;
    }
}

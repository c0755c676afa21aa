<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** What the maker has chosen before anything is put in order: keys of papers, or nothing. */
final readonly class Wishes
{
    /**
     * @param string|null $first for the first leaf one sees
     * @param string|null $second for the leaf after it
     * @param string|null $middle the favourite, seen as one spread
     */
    public function __construct(public ?string $first = null, public ?string $second = null, public ?string $middle = null)
    {
    }
}

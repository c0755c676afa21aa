<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

/** Something about the print on a face that one would rather know before it is cut. */
final readonly class Note
{
    /**
     * @param string $page key of the page on which it is seen
     * @param string $place by which its print is chosen
     * @param string $kind `missing`, `fallen`, `hidden`, `twice`
     */
    public function __construct(public string $page, public string $place, public string $kind, public string $sentence)
    {
    }
}

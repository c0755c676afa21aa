<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** A book that is to go into an envelope. */
final readonly class Posted implements Fact
{
    /**
     * @param Size $closed size of the closed book
     * @param Size $envelope inside measure of the envelope
     * @param Length|null $limit how thick the post lets it be
     */
    public function __construct(public Size $closed, public string $name, public Size $envelope, public ?Length $limit)
    {
    }

    public function mark(): string
    {
        return 'book';
    }
}

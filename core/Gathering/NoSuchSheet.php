<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

final class NoSuchSheet extends \OutOfRangeException
{
    /**
     * @param int $place that was asked for
     * @param int $sheets that there are
     */
    public function __construct(public readonly int $place, public readonly int $sheets)
    {
        parent::__construct("There is no sheet {$place}: the signature has {$sheets}, counted from 0.");
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron;

/**
 * Whatever the core will not do because of what it was given. The message is a whole sentence for the maker, with the offending value and
 * what would be accepted in it; both are there as data, too. What can only be an error in the program is no refusal.
 */
interface Refusal extends \Throwable
{
    public function refused(): Refused;
}

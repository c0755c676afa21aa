<?php

declare(strict_types=1);

namespace Ephemeron;

/**
 * Whatever the core will not do. The message is a whole sentence for the maker,
 * with the offending value and what would be accepted in it.
 */
interface Refusal extends \Throwable
{
}

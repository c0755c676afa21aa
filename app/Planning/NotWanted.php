<?php

declare(strict_types=1);

namespace App\Planning;

/** What a worker was at is not waited for any more. */
final class NotWanted extends \RuntimeException
{
}

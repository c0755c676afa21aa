<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

use Ephemeron\Refusal;

final class LengthOutOfRange extends \OutOfRangeException implements Refusal
{
    public static function negative(string $text): self
    {
        return new self("“{$text}” is less than nothing; a length starts at 0.");
    }

    public static function beyondTheRoom(string $text): self
    {
        return new self("“{$text}” is longer than any table: lengths go up to 1000 in (2540 cm).");
    }
}

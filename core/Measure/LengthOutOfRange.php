<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

use Ephemeron\Refusal;
use Ephemeron\Refused;

final class LengthOutOfRange extends \OutOfRangeException implements Refusal
{
    private function __construct(string $sentence, private readonly Refused $refused = new Refused)
    {
        parent::__construct($sentence);
    }

    public function refused(): Refused
    {
        return $this->refused;
    }

    public static function negative(string $text): self
    {
        return new self("“{$text}” is less than nothing; a length starts at 0.", Refused::typed($text)->between('0 in', '1000 in'));
    }

    public static function beyondTheRoom(string $text): self
    {
        return new self(
            "“{$text}” is longer than any table: lengths go up to 1000 in (2540 cm).",
            Refused::typed($text)->between('0 in', '1000 in'),
        );
    }
}

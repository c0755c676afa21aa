<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Refusal;
use Ephemeron\Refused;

/** A structure of one’s own that cannot be read or built; the message says where. */
final class UnreadableStructure extends \InvalidArgumentException implements Refusal
{
    private function __construct(
        string $sentence,
        private readonly Refused $refused = new Refused,
        public readonly ?string $place = null,
    ) {
        parent::__construct($sentence);
    }

    /** @param string $place in its file: `columns` */
    public static function in(string $place, Refusal $why): self
    {
        return new self($why->getMessage(), $why->refused(), $place);
    }

    public function refused(): Refused
    {
        return $this->refused;
    }

    public static function measure(string $line): self
    {
        return new self(
            sprintf(
                'A measure is written like “page width = 5 in, 13 cm (2 in to 10 in): how wide a page is”; not “%s”.',
                self::shown($line),
            ),
            Refused::typed($line),
        );
    }

    public static function name(string $name): self
    {
        return new self(sprintf('“%s” cannot be the name of a measure.', self::shown($name)), Refused::typed($name));
    }

    public static function twice(string $name): self
    {
        return new self("Two measures are called “{$name}”.", Refused::typed($name));
    }

    public static function unit(string $text): self
    {
        return new self(sprintf('“%s” wants its unit, in or cm.', self::shown($text)), Refused::typed($text));
    }

    public static function circle(string $name): self
    {
        return new self("“{$name}” is worked out from itself.", Refused::typed($name));
    }

    public static function at(string $place, string $why): self
    {
        return new self(sprintf('“%s”: %s', self::shown($place), $why), Refused::typed($place));
    }

    public static function repeat(string $count): self
    {
        return new self(sprintf('“[%s: …]” repeats a whole number of times, 0 to 60.', self::shown($count)), Refused::typed($count));
    }

    public static function tooLong(): self
    {
        return new self('Repeated, it becomes longer than 12 000 signs.');
    }

    private static function shown(string $text): string
    {
        $clean = trim(mb_scrub($text));

        return mb_strlen($clean) > 60 ? mb_substr($clean, 0, 60).'…' : $clean;
    }
}

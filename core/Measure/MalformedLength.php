<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

use Ephemeron\Refusal;
use Ephemeron\Refused;

final class MalformedLength extends \InvalidArgumentException implements Refusal
{
    private const EXPECTED = 'Type it like 4 7/8, 4⅞", 4.875 in, 12,5 cm or 125mm.';

    private function __construct(string $sentence, private readonly Refused $refused = new Refused)
    {
        parent::__construct($sentence);
    }

    public function refused(): Refused
    {
        return $this->refused;
    }

    public static function read(string $text): self
    {
        return new self(sprintf('“%s” does not read as a length. %s', self::shown($text), self::EXPECTED), Refused::typed($text));
    }

    public static function nothing(): self
    {
        return new self('There is no length here. '.self::EXPECTED);
    }

    public static function divisionByZero(string $text): self
    {
        return new self(sprintf('“%s” divides by zero. %s', self::shown($text), self::EXPECTED), Refused::typed($text));
    }

    /** A sum that can be read up to somewhere. */
    public static function upTo(string $read, string $rest): self
    {
        $read = trim($read);
        $rest = trim($rest);

        return new self(
            ($read === '' ? 'This does not begin as a sum' : sprintf('“%s” can be read', self::shown($read)))
                .($rest === '' ? ', and then something is missing.' : sprintf('; “%s” after it cannot.', self::shown($rest)))
                .' Type it like 4 7/8, or sums like 11 7/8 - 2*1/4 and half of 8 1/2.',
            Refused::typed(trim("{$read} {$rest}")),
        );
    }

    /** @param list<string> $names that there are */
    public static function noName(string $word, array $names): self
    {
        sort($names);

        return new self(
            sprintf('no measure is called “%s”; there is %s.', self::shown(trim($word)), implode(', ', $names)),
            Refused::typed($word),
        );
    }

    public static function area(string $text): self
    {
        return new self(sprintf('“%s” multiplies a length by a length: that is an area.', self::shown($text)), Refused::typed($text));
    }

    public static function byALength(string $text): self
    {
        return new self(sprintf('“%s” divides by a length; divide by a number.', self::shown($text)), Refused::typed($text));
    }

    private static function shown(string $text): string
    {
        $clean = mb_scrub($text);

        return mb_strlen($clean) > 40 ? mb_substr($clean, 0, 40).'…' : $clean;
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Refusal;
use Ephemeron\Refused;

/** A value outside what a parameter takes; the message names the value and the range. */
final class InvalidParameter extends \InvalidArgumentException implements Refusal
{
    private function __construct(string $sentence, private readonly Refused $refused = new Refused)
    {
        parent::__construct($sentence);
    }

    public function refused(): Refused
    {
        return $this->refused;
    }

    public static function outOfRange(string $name, string $value, string $minimum, string $maximum): self
    {
        return new self("{$name} is {$value}; it goes from {$minimum} to {$maximum}.", (new Refused($value))->between($minimum, $maximum));
    }

    public static function notACount(string $name, mixed $typed): self
    {
        return new self(sprintf('%s wants a whole number, not “%s”.', $name, self::shown($typed)), Refused::typed($typed));
    }

    /** @param list<string> $choices */
    public static function notAChoice(string $name, mixed $typed, array $choices): self
    {
        return new self(
            sprintf('%s cannot be “%s”; it is one of: %s.', $name, self::shown($typed), implode(', ', $choices)),
            Refused::typed($typed)->insteadOf($choices),
        );
    }

    public static function notAFlag(string $name, mixed $typed): self
    {
        return new self(sprintf('%s is true or false, not “%s”.', $name, self::shown($typed)), Refused::typed($typed));
    }

    public static function notALength(string $name, mixed $typed): self
    {
        return new self(sprintf('%s wants a length such as "4 7/8", not %s.', $name, self::shown($typed)), Refused::typed($typed));
    }

    public static function notText(string $name, int $most): self
    {
        return new self("{$name} wants a few lines of text, {$most} characters at the most.", (new Refused)->between('0', (string) $most));
    }

    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    private static function shown(mixed $typed): string
    {
        $text = is_scalar($typed) ? mb_scrub(is_bool($typed) ? ($typed ? 'true' : 'false') : (string) $typed) : get_debug_type($typed);

        return mb_strlen($text) > 40 ? mb_substr($text, 0, 40).'…' : $text;
    }
}

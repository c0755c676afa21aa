<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Refusal;
use Ephemeron\Refused;

/** Lines of a free base that cannot be read; the message says which and how it is written. */
final class UnreadableLayout extends \InvalidArgumentException implements Refusal
{
    private function __construct(string $sentence, private readonly Refused $refused = new Refused)
    {
        parent::__construct($sentence);
    }

    public function refused(): Refused
    {
        return $this->refused;
    }

    public static function panels(string $text): self
    {
        return new self(
            sprintf(
                'Panels are lengths with + (valley), ^ (mountain) or | (no score) between them, such as "1 1/2 + 8 ^ 1/2*"; not “%s”.',
                self::shown($text),
            ),
            Refused::typed($text),
        );
    }

    public static function notPositive(string $text): self
    {
        return new self(sprintf('A panel must be more than nothing; not “%s”.', self::shown($text)), Refused::typed($text));
    }

    public static function noPlaceForAScore(): self
    {
        return new self('A score lies inside the blank, between its neighbours, and not on another.');
    }

    public static function tooMany(int $most): self
    {
        return new self("A blank has {$most} panels along one side at the most.", (new Refused)->between('1', (string) $most));
    }

    public static function tooLarge(string $size): self
    {
        return new self("A blank is {$size} along one side at the most.", (new Refused)->between('', $size));
    }

    public static function cells(string $text): self
    {
        return new self(
            sprintf('Areas are named by column and row, such as "1-1, 4-1..5-2"; not “%s”.', self::shown($text)),
            Refused::typed($text),
        );
    }

    public static function noSuchCell(string $cell, int $columns, int $rows): self
    {
        return new self(
            "There is no area {$cell}: there are {$columns} columns and {$rows} rows.",
            Refused::typed($cell)->between('1-1', "{$columns}-{$rows}"),
        );
    }

    public static function nothingLeft(string $name): self
    {
        return new self("Nothing would be left of {$name}.", Refused::typed($name));
    }

    public static function piece(string $line): self
    {
        return new self(
            sprintf('A piece is a line such as "Flap: 8 + 1/2* × 8; 2 pieces; on Base 1-3 back"; not “%s”.', self::shown($line)),
            Refused::typed($line),
        );
    }

    public static function line(string $line): self
    {
        return new self(
            sprintf(
                'A line is a valley, mountain or slit from one place to another, or what is cut away by its corners, such as "slit: 2 × '
                    .'0 to 2 × 1 1/2"; not “%s”.',
                self::shown($line),
            ),
            Refused::typed($line),
        );
    }

    public static function lineOutside(string $line, string $blank): self
    {
        return new self(
            sprintf('“%s” leaves the blank, which is %s.', self::shown($line), $blank),
            Refused::typed($line)->between('', $blank),
        );
    }

    public static function tooManyLines(int $most): self
    {
        return new self("There are {$most} lines at the most.", (new Refused)->between('0', (string) $most));
    }

    public static function noSuchPiece(string $name, string $line): self
    {
        return new self(
            sprintf('“%s” sits on “%s”, which is not the base and not a piece above it.', self::shown($line), self::shown($name)),
            Refused::typed($name),
        );
    }

    public static function twice(string $name): self
    {
        return new self(sprintf('There are two pieces called “%s”.', self::shown($name)), Refused::typed($name));
    }

    private static function shown(string $text): string
    {
        $text = trim($text);

        return mb_strlen($text) > 50 ? mb_substr($text, 0, 50).'…' : $text;
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;

/** The further blanks of a free base, one a line; each may be glued to the base or to a piece above it. */
final readonly class FreePieces
{
    private const MOST = 40;

    /** @param array<string, FreePiece> $pieces by name in lower case */
    private function __construct(public array $pieces)
    {
    }

    /** @throws Refusal */
    public static function parse(string $text, Unit $unit): self
    {
        $pieces = [];
        foreach (array_filter(array_map(trim(...), explode("\n", $text)), static fn (string $line): bool => $line !== '') as $line) {
            $piece = FreePiece::parse($line, $unit);
            $name = mb_strtolower($piece->name);
            if (isset($pieces[$name]) || $name === 'base') {
                throw UnreadableLayout::twice($piece->name);
            }
            if ($piece->onto !== null) {
                self::checkPlace($piece, $pieces);
            }
            $pieces[$name] = $piece;
        }
        if (count($pieces) > self::MOST) {
            throw UnreadableLayout::tooMany(self::MOST);
        }

        return new self($pieces);
    }

    /** Where they lie when the areas of the base are counted anew. */
    public function shifted(AreaShift $shift): self
    {
        return new self(array_map(
            static fn (FreePiece $piece): FreePiece => mb_strtolower($piece->onto[0] ?? '') === 'base'
                ? $piece->shifted($shift) : $piece,
            $this->pieces,
        ));
    }

    public function written(Unit $unit): string
    {
        return implode("\n", array_map(static fn (FreePiece $piece): string => $piece->written($unit), $this->pieces));
    }

    /** @param array<string, FreePiece> $above */
    private static function checkPlace(FreePiece $piece, array $above): void
    {
        [$name, $column, $row] = $piece->onto ?? ['', 0, 0];
        $onto = $above[mb_strtolower($name)] ?? null;
        if ($onto === null && mb_strtolower($name) !== 'base') {
            throw UnreadableLayout::noSuchPiece($name, $piece->name);
        }
        if ($onto !== null && ($column > $onto->columns->count() || $row > $onto->rows->count() || $column < 1 || $row < 1)) {
            throw UnreadableLayout::noSuchCell("{$column}-{$row}", $onto->columns->count(), $onto->rows->count());
        }
    }
}

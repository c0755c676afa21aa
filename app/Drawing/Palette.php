<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Paper\StockRole;

/** A tint for each role of paper; screens lay a pattern over it by class. Meaning is carried by letters, never by these. */
final readonly class Palette
{
    public const GROUND = '#f6f1e4';

    public function of(StockRole $role): string
    {
        return match ($role) {
            StockRole::StructureCard => '#d8c4a2',
            StockRole::SecondCard => '#b9c0cc',
            StockRole::Board => '#c9c2b2',
            StockRole::Specialty => '#eef1ec',
            StockRole::BookSheet => '#e6e2ee',
            StockRole::MatBase => '#bfd0d2',
            StockRole::MatTop => '#f3e7c8',
            StockRole::MatOther => '#dfe3cc',
            StockRole::CoverPaper => '#aeb3d6',
            StockRole::PocketPaper => '#e3d3c3',
            StockRole::InsertCard => '#fbf8ef',
            StockRole::Leaf => '#f4efdf',
        };
    }

    public function classOf(StockRole $role): string
    {
        return "paper role-{$role->value}";
    }

    /** The other side of such a paper: the same, a shade darker. */
    public function behind(StockRole $role): string
    {
        $darker = array_map(static fn (int $part): int => (int) round(0.93 * $part), self::parts($this->of($role)));

        return sprintf('#%02x%02x%02x', ...$darker);
    }

    /**
     * @param string $colour `#2b3a67`
     * @return list<int<0, 255>> red, green and blue, 0 to 255; of less than three pairs of digits the others are 0
     */
    public static function parts(string $colour): array
    {
        $digits = str_split(str_pad(substr($colour, 1, 6), 6, '0'), 2);

        return array_map(static fn (string $pair): int => min(255, max(0, (int) hexdec($pair))), $digits);
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/** How a motif is laid side by side to a sheet (common practice, no published source: half-drop and brick are as common as straight). */
enum Repeat: string
{
    case Straight = 'straight';
    case HalfDrop = 'half-drop';
    case Brick = 'brick';

    public function label(): string
    {
        return match ($this) {
            self::Straight => 'straight',
            self::HalfDrop => 'half-drop: every other column half a motif lower',
            self::Brick => 'brick: every other row half a motif further',
        };
    }

    /**
     * Which dot of the motif lies at a dot of the sheet.
     *
     * @param int $width of the motif, 1 or more; a half is rounded down
     * @param bool $mirrored whether every other column and row is mirrored, so that neighbours meet like images in a mirror
     * @return array{int, int} across and down the motif
     */
    public function dot(int $x, int $y, int $width, int $height, bool $mirrored): array
    {
        [$column, $row] = [intdiv($x, $width), intdiv($y, $height)];
        if ($this === self::HalfDrop && $column % 2 === 1) {
            $y += $height - intdiv($height, 2);
            $row = intdiv($y, $height);
        }
        if ($this === self::Brick && $row % 2 === 1) {
            $x += $width - intdiv($width, 2);
            $column = intdiv($x, $width);
        }
        [$across, $down] = [$x % $width, $y % $height];

        return [
            $mirrored && $column % 2 === 1 ? $width - 1 - $across : $across,
            $mirrored && $row % 2 === 1 ? $height - 1 - $down : $down,
        ];
    }
}

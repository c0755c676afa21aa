<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;

/**
 * How many prints of which size are to be ordered: every photo in its own size where labs make it, else in the smallest one it can be cut
 * from. Sizes of labs: common practice, no published source.
 */
final readonly class PrintOrder
{
    /** @return array<string, int> how many, by the size as labs name it; larger ones are enlargements of their own size */
    public static function of(Notation $notation, Keepsake ...$keepsakes): array
    {
        $order = [];
        foreach ($keepsakes as $one) {
            if ($one->kind === KeepsakeKind::Print) {
                $label = self::labSize($one->size, $notation)?->label() ?? $notation->size(self::upright($one->size)).', enlarged';
                $order[$label] = ($order[$label] ?? 0) + 1;
            }
        }
        arsort($order);

        return $order;
    }

    /** Its own size where labs make it, else the smallest it is cut from, rather one of the maker’s school. */
    public static function labSize(Size $size, Notation $notation): ?PhotoSize
    {
        foreach (PhotoSize::cases() as $photo) {
            if (self::upright($size)->equals($photo->size())) {
                return $photo;
            }
        }

        return self::smallest($size, PhotoSize::usualFor($notation->unit))
            ?? self::smallest($size, PhotoSize::usualFor($notation->unit->other()));
    }

    /** @param list<PhotoSize> $photos */
    private static function smallest(Size $size, array $photos): ?PhotoSize
    {
        $fitting = array_filter($photos, static fn (PhotoSize $photo): bool => $size->fitsInEitherWay($photo->size()));
        usort($fitting, static fn (PhotoSize $one, PhotoSize $other): int => $one->size()->area() <=> $other->size()->area());

        return $fitting[0] ?? null;
    }

    private static function upright(Size $size): Size
    {
        return $size->width->isMoreThan($size->height) ? $size->turned() : $size;
    }
}

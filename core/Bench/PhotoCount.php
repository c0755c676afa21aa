<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Mount;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;

/**
 * How many prints of one size a book holds if it holds only that size: on photo mats made for it, on pages and flaps that carry
 * nothing but their mat, and in pockets. A print counts with its mat (¼ in or ½ cm more each way).
 */
final readonly class PhotoCount
{
    private function __construct(public PhotoSize $photo, public int $onMounts, public int $onPages, public int $inPockets)
    {
    }

    public function total(): int
    {
        return $this->onMounts + $this->onPages + $this->inPockets;
    }

    /** @param bool|null $lying whether they are to be seen lying, or standing; null: either */
    public static function of(PhotoSize $photo, Blueprint $blueprint, ?bool $lying = null): self
    {
        return self::ofEach([$photo], $blueprint, $lying)[0];
    }

    /**
     * @param list<PhotoSize> $photos
     * @param bool|null $lying whether they are to be seen lying, or standing; null: either
     * @return list<self>
     */
    public static function ofEach(array $photos, Blueprint $blueprint, ?bool $lying = null): array
    {
        $rooms = self::rooms($blueprint);

        return array_map(static function (PhotoSize $photo) use ($rooms, $blueprint, $lying): self {
            $mats = self::seen($photo->mat(), $lying);
            $prints = self::seen($photo->size(), $lying);
            $onPages = 0;
            foreach ($rooms as [$room, $faces]) {
                $onPages += $faces * max(array_map(static fn (Size $mat): int => self::inRows($mat, $room), $mats));
            }

            return new self(
                $photo,
                count(array_filter(
                    $blueprint->all(Mount::class),
                    static fn (Mount $mount): bool => $mount->photo === $photo && ($lying === null || $prints[0]->equals($mount->print)),
                )),
                $onPages,
                count(array_filter(
                    $blueprint->all(Pouch::class),
                    static fn (Pouch $pouch): bool => array_filter($mats, $pouch->holdsAsItLies(...)) !== [],
                )),
            );
        }, $photos);
    }

    /** @return array<string, array{Size, int}> the sizes of what is free on pages and flaps, and how many there are of each */
    public static function rooms(Blueprint $blueprint): array
    {
        $rooms = [];
        foreach ($blueprint->faces as $face) {
            if ($face->turns || ($face->isOfTheBook() && ! $face->isCover() && ! $blueprint->isWrittenOn($face))) {
                $room = self::roomOn($face, $blueprint);
                $key = $room->width->ticks.'×'.$room->height->ticks;
                $rooms[$key] = [$room, ($rooms[$key][1] ?? 0) + 1];
            }
        }

        return $rooms;
    }

    /** @return non-empty-list<Size> the ways it may be seen */
    private static function seen(Size $size, ?bool $lying): array
    {
        $standing = new Size($size->shortSide(), $size->longSide());

        return match ($lying) {
            true => [$standing->turned()],
            false => [$standing],
            null => [$standing, $standing->turned()],
        };
    }

    /** The uppermost mat of a face, or the bare face; nothing where something else lies on it. */
    private static function roomOn(Face $face, Blueprint $blueprint): Size
    {
        $room = $face->size;
        foreach ($blueprint->on($face->key) as $joint) {
            if ($joint->layer !== Layer::Mat) {
                return new Size(Length::zero(), Length::zero());
            }
            $room = $joint->area->size();
        }

        return $room;
    }

    private static function inRows(Size $mat, Size $room): int
    {
        return $room->width->holds($mat->width) * $room->height->holds($mat->height);
    }
}

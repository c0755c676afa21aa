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

    public static function of(PhotoSize $photo, Blueprint $blueprint): self
    {
        return self::ofEach([$photo], $blueprint)[0];
    }

    /**
     * @param list<PhotoSize> $photos
     * @return list<self>
     */
    public static function ofEach(array $photos, Blueprint $blueprint): array
    {
        $rooms = [];
        foreach ($blueprint->faces as $face) {
            if ($face->turns || ($face->isOfTheBook() && ! $face->isCover() && ! $blueprint->isWrittenOn($face))) {
                $room = self::roomOn($face, $blueprint);
                $rooms[$room->width->ticks.'×'.$room->height->ticks] = [
                    $room,
                    ($rooms[$room->width->ticks.'×'.$room->height->ticks][1] ?? 0) + 1,
                ];
            }
        }

        return array_map(static function (PhotoSize $photo) use ($rooms, $blueprint): self {
            $mat = $photo->mat();
            $onPages = 0;
            foreach ($rooms as [$room, $faces]) {
                $onPages += $faces * max(self::inRows($mat, $room), self::inRows($mat->turned(), $room));
            }

            return new self(
                $photo,
                count(array_filter($blueprint->all(Mount::class), static fn ($mount): bool => $mount->photo === $photo)),
                $onPages,
                count(array_filter($blueprint->all(Pouch::class), static fn ($pouch): bool => $pouch->holds($mat))),
            );
        }, $photos);
    }

    /** The uppermost mat of a face, or the bare face; nothing where something else lies on it. */
    private static function roomOn(Face $face, Blueprint $blueprint): Size
    {
        $room = $face->size;
        foreach ($blueprint->on($face->key) as $joint) {
            if ($joint->layer !== Layer::Mat) {
                return new Size(Length::zero(), Length::zero());
            }
            $room = $joint->area->size;
        }

        return $room;
    }

    private static function inRows(Size $mat, Size $room): int
    {
        return $room->width->holds($mat->width) * $room->height->holds($mat->height);
    }
}

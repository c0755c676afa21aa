<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Layer;
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
        $onMounts = count(array_filter($blueprint->mounts, static fn ($mount): bool => $mount->photo === $photo));
        $inPockets = count(array_filter($blueprint->pouches, static fn ($pouch): bool => $pouch->holds($photo->mat())));
        $onPages = 0;
        foreach ($blueprint->faces as $face) {
            $isSeenLikeAPage = $face->turns || ($face->isOfTheBook() && ! $face->isCover());
            $onPages += $isSeenLikeAPage ? self::onPage($photo->mat(), $face, $blueprint) : 0;
        }

        return new self($photo, $onMounts, $onPages, $inPockets);
    }

    private static function onPage(Size $mat, Face $face, Blueprint $blueprint): int
    {
        $room = $face->size;
        foreach ($blueprint->on($face->key) as $joint) {
            if ($joint->layer !== Layer::Mat) {
                return 0;
            }
            $room = $joint->area->size;
        }

        return max(self::inRows($mat, $room), self::inRows($mat->turned(), $room));
    }

    private static function inRows(Size $mat, Size $room): int
    {
        return $room->width->holds($mat->width) * $room->height->holds($mat->height);
    }
}

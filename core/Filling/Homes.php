<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Mount;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** All places of a book that take something, in reading order. */
final readonly class Homes
{
    /** @return array<string, Home> by key */
    public static function of(Blueprint $blueprint): array
    {
        $taken = array_flip(array_map(static fn (Filling $filling): string => $filling->pouch, $blueprint->all(Filling::class)));
        $homes = [];
        foreach ($blueprint->faces as $face) {
            $page = $blueprint->pageOf($face->key);
            foreach ($blueprint->all(Mount::class) as $mount) {
                if ($mount->face === $face->key) {
                    $name = "{$mount->name} on ".lcfirst($face->name);
                    $homes[$mount->key] = new Home($mount->key, $name, HomeKind::Mount, $page->key, $mount->print);
                }
            }
            foreach ($blueprint->all(Pouch::class) as $pouch) {
                if ($pouch->face === $face->key) {
                    $homes[$pouch->key] = new Home(
                        $pouch->key,
                        $pouch->name,
                        HomeKind::Pouch,
                        $page->key,
                        $pouch->largest(),
                        $pouch,
                        isset($taken[$pouch->key]),
                    );
                }
            }
            $room = self::roomOn($face, $blueprint);
            if ($room !== null) {
                $homes[$face->key] = new Home($face->key, $face->name, HomeKind::Page, $page->key, $room);
            }
        }

        return $homes;
    }

    /** The uppermost mat of a face that carries nothing else; null where something lies on it, or where it is no page. */
    public static function roomOn(Face $face, Blueprint $blueprint): ?Size
    {
        if (! $face->turns && (! $face->isOfTheBook() || $face->isCover() || $blueprint->isWrittenOn($face))) {
            return null;
        }
        $room = $face->size;
        foreach ($blueprint->on($face->key) as $joint) {
            if ($joint->layer !== Layer::Mat) {
                return null;
            }
            $room = $joint->area->size();
        }

        return $room->shortSide()->isMoreThan(Length::inches(1)) ? $room : null;
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Paper\StockRole;

/** The places of a book that a pad is laid out for: mats, pockets, bands, sheets; what carries the book and what slides in is of card. */
final readonly class Wants
{
    private const PRINTED = [
        StockRole::MatBase, StockRole::MatTop, StockRole::MatOther, StockRole::CoverPaper, StockRole::PocketPaper, StockRole::BookSheet,
    ];

    /** @return list<Want> */
    public static function of(Blueprint $blueprint, Review $review): array
    {
        $openings = self::openings($blueprint);
        $seats = [];
        foreach ($review->seats as $seat) {
            if ($seat->kind !== SeatKind::Under && in_array($seat->part->role, self::PRINTED, true)) {
                $seats[$seat->place] ??= $seat;
            }
        }
        $numbers = array_flip(array_keys($seats));
        // What one sees of a face first: its mat, else its sheet.
        $tops = [];
        foreach ($seats as $place => $seat) {
            if (in_array($seat->kind, [SeatKind::Mat, SeatKind::Sheet], true)) {
                $tops[$seat->face->key] ??= $numbers[$place];
            }
        }
        $wants = [];
        foreach ($seats as $place => $seat) {
            $isTop = ($tops[$seat->page->key] ?? null) === $numbers[$place];
            $wants[] = new Want(
                (string) $place,
                self::name($seat),
                $seat->part->size,
                $seat->kind === SeatKind::Sheet && ! str_contains((string) $place, '#') ? $seat->part->quantity : 1,
                $openings[$seat->page->key] ?? 0,
                $isTop,
                $isTop && $seat->page->isCover(),
                $seat->part->upright,
                $seat->kind !== SeatKind::Sheet || ! self::falls($blueprint, $seat),
                $seat->joint === null ? 0.0 : $review->hidden($seat->joint, $seat->face),
                $isTop ? self::facing($blueprint, $seat->page, $tops, $numbers[$place]) : null,
                $isTop ? null : self::under($blueprint, $seat, $tops, $numbers[$place]),
            );
        }

        return $wants;
    }

    /** @return array<string, int> by page, in reading order */
    private static function openings(Blueprint $blueprint): array
    {
        $openings = [];
        $number = -1;
        $left = null;
        foreach ($blueprint->pages() as $key => $page) {
            $number += $left !== null && $blueprint->rightOf($left) === $key ? 0 : 1;
            $openings[$key] = $number;
            $left = (string) $key;
        }

        return $openings;
    }

    /** @param array<string, int> $tops */
    private static function facing(Blueprint $blueprint, Face $page, array $tops, int $here): ?int
    {
        $openings = $blueprint->openings();
        $other = $openings[$page->key] ?? array_search($page->key, $openings, true);
        $facing = is_string($other) ? $tops[$other] ?? null : null;

        return $facing === $here ? null : $facing;
    }

    /**
     * What it lies on: the mat of its own face, or of the one below that.
     *
     * @param array<string, int> $tops
     */
    private static function under(Blueprint $blueprint, Seat $seat, array $tops, int $here): ?int
    {
        for ($face = $seat->face; true; $face = $blueprint->face($face->parent)) {
            $below = $tops[$face->key] ?? null;
            if ($below !== null && $below !== $here) {
                return $below;
            }
            if ($face->parent === null) {
                return null;
            }
        }
    }

    private static function falls(Blueprint $blueprint, Seat $seat): bool
    {
        foreach ($blueprint->faces as $face) {
            if ($face->paper->part === $seat->part->key && $face->isFallen()) {
                return true;
            }
        }

        return false;
    }

    private static function name(Seat $seat): string
    {
        return $seat->kind === SeatKind::Mat && $seat->face === $seat->page ? lcfirst($seat->page->name)
            : lcfirst($seat->page->name).', '.lcfirst($seat->name());
    }
}

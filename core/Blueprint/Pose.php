<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;

/** The book as it lies before the reader in one state. */
final readonly class Pose
{
    public const CLOSED = 'closed';

    public const OPENED = 'opened';

    /**
     * @param string $key `closed`, `opened`, or a state between
     * @param list<Seen> $seen what one sees, lowest first
     */
    public function __construct(public string $key, public string $name, public array $seen)
    {
    }

    /** Side by side from the left, heads level. */
    public static function row(string $key, string $name, Seen ...$seen): self
    {
        $x = Length::zero();
        $placed = [];
        foreach ($seen as $one) {
            $placed[] = $one->at($x, Length::zero());
            $x = $x->plus($one->area->size->width);
        }

        return new self($key, $name, $placed);
    }

    /** One below the other, left edges level. */
    public static function column(string $key, string $name, Seen ...$seen): self
    {
        $y = Length::zero();
        $placed = [];
        foreach ($seen as $one) {
            $placed[] = $one->at(Length::zero(), $y);
            $y = $y->plus($one->area->size->height);
        }

        return new self($key, $name, $placed);
    }
}

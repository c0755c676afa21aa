<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Notation;

/** A kind of thing that sits on a face. A new one is one class and an entry in the {@see Showroom}. */
interface Furniture
{
    /** Stable name in design files. */
    public function key(): string;

    public function name(): string;

    /** @return list<Parameter> lengths without default follow from the face */
    public function parameters(): array;

    /**
     * Adds its pieces to the draft.
     *
     * @param string $key under which this thing is known, `page-1/pocket-1`
     * @return Face the front that other things can sit on
     */
    public function place(Draft $draft, Face $face, string $key, Values $values, Notation $notation): Face;
}

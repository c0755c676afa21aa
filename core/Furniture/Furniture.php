<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Design\Parameter;

/** A kind of thing that sits on a face. A new one is one class and an entry in the {@see Showroom}. */
interface Furniture
{
    /** Stable name in design files. */
    public function key(): string;

    public function name(): string;

    /** One sentence: what it is and how it behaves. */
    public function summary(): string;

    public function kin(): Kin;

    /** @return list<Parameter> lengths without default follow from the face */
    public function parameters(): array;

    /** Adds its pieces, faces and tasks to the draft. */
    public function place(Spot $spot): Placement;
}

<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/**
 * Something a structure or a thing tells about a book besides its parts and faces: a gusset, a pouch, a slide, a magnet, a joint.
 * A new kind of fact is one class; it is told with {@see Draft::add()} and asked for with {@see Blueprint::all()}.
 */
interface Fact
{
    /** The name under which it is known: of two facts of one kind and name the later counts. Null where each counts. */
    public function mark(): ?string;
}

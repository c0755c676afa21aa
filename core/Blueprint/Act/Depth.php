<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/** How deep something lies on a face: what lies under comes first (common practice, no published source). */
enum Depth: int
{
    /** The paper of the face itself, and what is done to it. */
    case Bare = 0;
    /** Ribbon, cord, eyelets, brads, magnets. */
    case UnderMat = 10;
    /** Tabs of flaps and bands; pockets that come before the mat. */
    case Hinge = 20;
    case Mat = 30;
    /** The second layer of a mat, what is glued beside a band. */
    case Double = 35;
    case OnMat = 40;
    case Upon = 50;
    /** Covered by something that is shut for good. */
    case Shut = 90;
}

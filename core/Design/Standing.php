<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** Whether a thing on a face is as usual for its structure, a usual one that was changed, or the maker's own. */
enum Standing
{
    case Usual;
    case Changed;
    case Own;

    /**
     * The change to a design that takes such a thing off.
     *
     * @return array<string, bool|null> by place
     */
    public function takingOff(string $place): array
    {
        return $this === self::Own ? [$place => null] : ["{$place}.off" => true];
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Rectangle;

/** An area between scores. */
final readonly class Panel
{
    public PanelKind $kind;

    /** @param PanelKind|null $kind null where its key says it */
    public function __construct(public string $key, public string $name, public Rectangle $area, ?PanelKind $kind = null)
    {
        $this->kind = $kind ?? PanelKind::named($key);
    }

    /** Its key as one says it: `left-flap` is the left flap, `area-2-1` the area 2-1. */
    public static function inWords(string $key): string
    {
        return (string) preg_replace('/(?<!\d)-|-(?!\d)/', ' ', $key);
    }
}

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
}

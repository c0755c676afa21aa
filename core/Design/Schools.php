<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** Where makers differ and both are right: how this one works. Each has a default and says why. Common practice, no published source. */
final readonly class Schools
{
    public function __construct(
        public Decorating $decorating = Decorating::Usual,
        public Gluing $gluing = Gluing::ByZone,
        public PocketOrder $pockets = PocketOrder::MatFirst,
        public CoverOrder $covers = CoverOrder::Last,
        public Inking $inking = Inking::No,
    ) {
    }

    public function with(
        ?Decorating $decorating = null,
        ?Gluing $gluing = null,
        ?PocketOrder $pockets = null,
        ?CoverOrder $covers = null,
        ?Inking $inking = null,
    ): self {
        return new self(
            $decorating ?? $this->decorating,
            $gluing ?? $this->gluing,
            $pockets ?? $this->pockets,
            $covers ?? $this->covers,
            $inking ?? $this->inking,
        );
    }
}

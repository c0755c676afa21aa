<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Format\DesignReader;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Structure;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use Illuminate\Contracts\Cache\Repository;

/** What the catalogue shows of every structure: drawings and numbers of its usual size, worked out once for each edition of the code. */
final readonly class CatalogueEntries
{
    public function __construct(
        private Catalogue $catalogue,
        private DesignReader $reader,
        private Workshop $workshop,
        private Repository $cache,
    ) {
    }

    /** @return list<CatalogueEntry> */
    public function in(Unit $unit): array
    {
        $entries = [];
        $edition = CodeEdition::whole();
        foreach ($this->catalogue->all() as $structure) {
            $key = "catalogue:{$edition}:{$structure->about()->key}:{$unit->value}";
            $entry = $this->cache->rememberForever($key, fn (): CatalogueEntry => CatalogueEntry::of($this->usual($structure, $unit)));
            $entries[] = $entry instanceof CatalogueEntry ? $entry : CatalogueEntry::of($this->usual($structure, $unit));
        }

        return $entries;
    }

    private function usual(Structure $structure, Unit $unit): WorkPlan
    {
        return $this->workshop->plan($this->reader->usual($structure, $unit));
    }
}

<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Format\DesignReader;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Structure;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;

/** What the catalogue shows of every structure: drawings and numbers of its usual size, worked out once for each edition of the code. */
final readonly class CatalogueEntries
{
    private const DAYS = 365;

    public function __construct(
        private Catalogue $catalogue,
        private DesignReader $reader,
        private Workshop $workshop,
        private OwnStructures $own,
    ) {
    }

    /**
     * @param Patience $patience with those that are not remembered
     * @return list<CatalogueEntry> as far as it goes
     */
    public function in(Unit $unit, Patience $patience): array
    {
        $edition = CodeEdition::whole();

        return array_values(array_filter(array_map(
            fn (Structure $structure): ?CatalogueEntry => $patience->remember(
                "catalogue:{$edition}:{$structure->about()->key}:{$unit->value}",
                CatalogueEntry::class,
                self::DAYS,
                fn (): CatalogueEntry => CatalogueEntry::of($this->usual($structure, $unit)),
            ),
            $this->structures(),
        )));
    }

    public function all(): int
    {
        return count($this->structures());
    }

    /** @return list<Structure> those of one’s own first */
    private function structures(): array
    {
        return [...$this->own->listed(), ...$this->catalogue->all()];
    }

    private function usual(Structure $structure, Unit $unit): WorkPlan
    {
        return $this->workshop->plan($this->reader->usual($structure, $unit));
    }
}

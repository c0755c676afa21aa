<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Design\Design;
use Ephemeron\Format\DesignReader;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;

/** Designs for tests, as files would give them. */
trait Designs
{
    /** @param array<string, mixed> $file */
    private function design(string $structure, array $file = []): Design
    {
        return DesignReader::ofTheHouse()->fromArray(['format' => 'ephemeron-design', 'version' => 1, 'structure' => $structure, ...$file]);
    }

    /** @param array<string, mixed> $file */
    private function plan(string $structure, array $file = []): WorkPlan
    {
        return Workshop::ofTheHouse()->plan($this->design($structure, $file));
    }

    /** @return list<string> what was found, by kind */
    private function kinds(WorkPlan $plan): array
    {
        return array_values(array_unique(array_map(static fn ($finding): string => $finding->kind, $plan->report->findings)));
    }
}

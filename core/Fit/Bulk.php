<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * First estimate of thickness: every layer adds its caliper, whatever its extent; a print adds 0.25 mm
 * (common practice, no published source).
 */
final readonly class Bulk
{
    /** @param array<string, Stock> $materials by role */
    public function __construct(private Blueprint $blueprint, private array $materials)
    {
    }

    public static function print(): Length
    {
        return Length::micrometres(250);
    }

    /** What is glued onto a face, and onto what is glued there. */
    public function built(string $face): Length
    {
        $bulk = Length::zero();
        foreach ($this->blueprint->on($face) as $joint) {
            $bulk = $bulk->plus($this->caliper($this->blueprint->part($joint->from->part)->role));
        }
        foreach ($this->facesOn($face) as $child) {
            $bulk = $bulk->plus($this->built($child->key));
        }

        return $bulk;
    }

    /** With a mounted print in every pouch and photo mat, or one on the bare page; covers stay as they are. */
    public function filled(string $face): Length
    {
        $bulk = $this->built($face);
        if ($this->blueprint->face($face)->isCover()) {
            return $bulk;
        }
        $mounted = self::print()->plus($this->caliper(StockRole::InsertCard));
        $pouches = $this->pouchesOn($face);
        $mounts = count(array_filter($this->blueprint->mounts, static fn ($mount): bool => $mount->face === $face));
        if ($pouches === 0 && $mounts === 0) {
            return $this->leavesArePockets() ? $bulk : $bulk->plus($mounted);
        }

        return $bulk->plus($mounted->times($pouches), self::print()->times($mounts));
    }

    public function closed(): Length
    {
        return $this->blueprint->bare->plus(...array_map($this->built(...), array_keys($this->blueprint->pages())));
    }

    public function closedAndFilled(): Length
    {
        return $this->blueprint->bare->plus(...array_map($this->filled(...), array_keys($this->blueprint->pages())));
    }

    /** Where the leaves themselves are the pockets, prints go into them and not onto the pages. */
    private function leavesArePockets(): bool
    {
        foreach ($this->blueprint->pouches as $pouch) {
            if (! str_contains($pouch->key, '/')) {
                return true;
            }
        }

        return false;
    }

    private function pouchesOn(string $face): int
    {
        $count = count(array_filter($this->blueprint->pouches, static fn ($pouch): bool => $pouch->face === $face));
        foreach ($this->facesOn($face) as $child) {
            $count += $this->pouchesOn($child->key);
        }

        return $count;
    }

    /** @return list<Face> */
    private function facesOn(string $face): array
    {
        return array_values(array_filter($this->blueprint->faces, static fn (Face $child): bool => $child->parent === $face));
    }

    private function caliper(StockRole $role): Length
    {
        return isset($this->materials[$role->value]) ? $this->materials[$role->value]->caliper : Length::zero();
    }
}

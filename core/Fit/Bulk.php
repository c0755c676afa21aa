<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Mount;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Folding\Layers;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * What each face carries, every layer with its caliper, whatever its extent: for a gusset it does not matter where between its panels the
 * load lies.
 */
final readonly class Bulk
{
    /** @var array<string, Length> what is glued onto each face, and onto what is glued there */
    private array $built;

    /** @var array<string, Length> the same with prints in it */
    private array $filled;

    /** @param array<string, Stock> $materials by role */
    public function __construct(Blueprint $blueprint, array $materials)
    {
        $calipers = array_map(static fn (Stock $stock): Length => $stock->caliper, $materials);
        $mounted = Layers::print()->plus($calipers[StockRole::InsertCard->value] ?? Length::zero());
        $pouches = array_count_values(array_map(static fn (Pouch $pouch): string => $pouch->face, $blueprint->all(Pouch::class)));
        $mounts = array_count_values(array_map(static fn (Mount $mount): string => $mount->face, $blueprint->all(Mount::class)));
        // Where the leaves themselves are the pockets, prints go into them and not onto the pages.
        $leavesArePockets = array_filter($blueprint->all(Pouch::class), static fn (Pouch $pouch): bool => $pouch->isALeaf()) !== [];

        $built = [];
        $filled = [];
        foreach ($blueprint->pages() as $face) {
            [$bulk, $prints] = $this->onFace($face, $blueprint, $calipers, $mounted, $pouches, $mounts);
            $built[$face->key] = $bulk;
            $bare = ! $prints->isPositive() && ! $face->isCover() && ! $leavesArePockets && ! $blueprint->isWrittenOn($face);
            $filled[$face->key] = $bulk->plus($bare ? $mounted : $prints);
        }
        $this->built = $built;
        $this->filled = $filled;
    }

    /** What is glued onto a face of the book, and onto what is glued there. */
    public function built(string $face): Length
    {
        return $this->built[$face];
    }

    /** With a mounted print in every pouch and a print on every photo mat, or a mounted one on the bare page; bare covers stay bare. */
    public function filled(string $face): Length
    {
        return $this->filled[$face];
    }

    /**
     * @param array<string, Length> $calipers by role
     * @param array<string, int> $pouches how many, by face
     * @param array<string, int> $mounts how many, by face
     * @return array{Length, Length} what is glued there, and the prints that come with it
     */
    private function onFace(Face $face, Blueprint $blueprint, array $calipers, Length $mounted, array $pouches, array $mounts): array
    {
        $bulk = Length::zero();
        $prints = $mounted->times($pouches[$face->key] ?? 0)->plus(Layers::print()->times($mounts[$face->key] ?? 0));
        foreach ($blueprint->on($face->key) as $joint) {
            $bulk = $bulk->plus($calipers[$blueprint->part($joint->from->part)->paper()] ?? Length::zero());
        }
        foreach ($blueprint->frontsOn($face->key) as $front) {
            [$more, $morePrints] = $this->onFace($front, $blueprint, $calipers, $mounted, $pouches, $mounts);
            $bulk = $bulk->plus($more);
            // A flap that carries nothing else gets a print without a mat.
            $prints = $prints->plus($front->turns && ! $morePrints->isPositive() ? Layers::print() : $morePrints);
        }

        return [$bulk, $prints];
    }
}

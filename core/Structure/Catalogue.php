<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

/** The structures there are. */
final readonly class Catalogue
{
    /** @var array<string, Structure> */
    private array $structures;

    public function __construct(Structure ...$structures)
    {
        $byKey = [];
        foreach ($structures as $structure) {
            $byKey[$structure->about()->key] = $structure;
        }
        $this->structures = $byKey;
    }

    public static function ofTheHouse(): self
    {
        return new self(
            new NestedGussetAlbum,
            new TabSpineAlbum,
            new ThreadHingeAlbum,
            new CascadeAlbum,
            new CornerPocketAlbum,
            new MeanderBook,
            new BoardFolder,
            new ZPageAlbum,
            new FivePocketFolio,
            new CoilAlbum,
            new TagClutch,
            new FourFlapFolio,
            new WaterfallWallet,
            new PocketFlipBook,
            new MitredTabAlbum,
            new FoldOverJournal,
            new SewnJournal,
            new FreeBase,
        );
    }

    /** @return list<Structure> */
    public function all(): array
    {
        return array_values($this->structures);
    }

    public function has(string $key): bool
    {
        return isset($this->structures[$key]);
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_keys($this->structures);
    }

    /** @throws UnknownStructure */
    public function get(string $key): Structure
    {
        return $this->structures[$key] ?? throw UnknownStructure::named($key, $this->keys());
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

/** The structures there are. */
final readonly class Catalogue
{
    /**
     * @param array<string, Structure> $structures by key
     * @param (\Closure(string): (Structure|null))|null $others
     */
    private function __construct(private array $structures, private ?\Closure $others = null)
    {
    }

    public static function of(Structure ...$structures): self
    {
        $byKey = [];
        foreach ($structures as $structure) {
            $byKey[$structure->about()->key] = $structure;
        }

        return new self($byKey);
    }

    /**
     * The same, with others that are known by their key and stand in no list.
     *
     * @param \Closure(string): (Structure|null) $others
     */
    public function knowing(\Closure $others): self
    {
        return new self($this->structures, $others);
    }

    public static function ofTheHouse(): self
    {
        return self::of(
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
        return $this->find($key) !== null;
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_keys($this->structures);
    }

    /** @throws UnknownStructure */
    public function get(string $key): Structure
    {
        return $this->find($key) ?? throw UnknownStructure::named($key, $this->keys());
    }

    private function find(string $key): ?Structure
    {
        return $this->structures[$key] ?? ($this->others === null ? null : ($this->others)($key));
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Design\Parameter;

/** The furniture there is. */
final class Showroom
{
    /** @var array<string, Furniture> */
    private readonly array $furniture;

    /** @var array<string, array<string, Parameter>> by kind and key, asked for once */
    private array $parameters = [];

    public function __construct(Furniture ...$furniture)
    {
        $byKey = [];
        foreach ($furniture as $piece) {
            $byKey[$piece->key()] = $piece;
        }
        $this->furniture = $byKey;
    }

    public static function ofTheHouse(): self
    {
        return new self(
            new Pocket,
            FoldedPocket::corner(),
            FoldedPocket::angled(),
            FoldedPocket::envelope(),
            new ExpandingPocket,
            new PullTabCard,
            new PhotoMat,
            new PhotoFrame,
            FlapOnFace::half(),
            FlapOnFace::foldOut(),
            new FlapPair,
            new Waterfall,
            new PullWaterfall,
            new BellyBand,
            new TuckSpot,
            new SewnLine,
            new Tag,
            new EdgeTab,
            new Magnets,
            new SwingTab,
            new SleeveClosure,
            new LooseBand,
            ...Fastening::all(),
        );
    }

    /** @return array<string, Furniture> by key */
    public function all(): array
    {
        return $this->furniture;
    }

    /** @return array<string, non-empty-list<Furniture>> by kin */
    public function byKin(): array
    {
        $kins = [];
        foreach ($this->furniture as $piece) {
            $kins[$piece->kin()->value][] = $piece;
        }

        return $kins;
    }

    /** @return array<string, Parameter> parameters of a kind, by key */
    public function parametersOf(string $kind): array
    {
        if (! isset($this->parameters[$kind])) {
            $parameters = [];
            foreach ($this->get($kind)->parameters() as $parameter) {
                $parameters[$parameter->key] = $parameter;
            }
            $this->parameters[$kind] = $parameters;
        }

        return $this->parameters[$kind];
    }

    public function has(string $key): bool
    {
        return isset($this->furniture[$key]);
    }

    public function get(string $key): Furniture
    {
        return $this->furniture[$key] ?? throw new \LogicException("There is no furniture “{$key}”.");
    }
}

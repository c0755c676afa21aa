<?php

declare(strict_types=1);

namespace App\Planning;

use App\Drawer\NaturalOrder;
use App\Models\OwnStructure;
use App\Models\Project;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Format\OwnStructureFile;
use Ephemeron\Structure\OwnStructure as Written;
use Ephemeron\Structure\Structure;

/** Structures that makers wrote down: their own are listed, those of all are known by their key. */
final class OwnStructures
{
    /** In a file of a design that is made of one. */
    public const FIELD = 'own-structure';

    /** @var array<string, Written> by key */
    private array $known = [];

    public function find(string $key): ?Structure
    {
        if (! str_starts_with($key, Written::KEY)) {
            return null;
        }

        // What is not there yet may come: only what is there is remembered.
        $known = $this->known[$key] ?? OwnStructure::query()->withoutGlobalScopes()->where('key', $key)->first()?->written();
        if ($known !== null) {
            $this->known[$key] = $known;
        }

        return $known;
    }

    /** One of the maker at work. */
    public function mine(string $key): ?Written
    {
        return OwnStructure::query()->where('key', $key)->first()?->written();
    }

    /** @return list<Written> of the maker at work, in the order of their names */
    public function listed(): array
    {
        return array_values(
            OwnStructure::query()->where('is_listed', true)->get()
                ->sortBy(static fn (OwnStructure $own): string => NaturalOrder::key($own->name))
                ->map(static fn (OwnStructure $own): Written => $own->written())->all(),
        );
    }

    public function keep(Written $own): OwnStructure
    {
        unset($this->known[$own->key()]);
        $kept = OwnStructure::query()->firstOrNew(['key' => $own->key()]);
        $kept->fill(['name' => $own->name, 'file' => OwnStructureFile::toArray($own), 'is_listed' => true])->save();

        return $kept;
    }

    /**
     * What a design file brings along, kept where it is not known yet.
     *
     * @param array<array-key, mixed> $file
     * @return array<array-key, mixed> the file without it
     *
     * @throws InvalidDesign where what it brings cannot be read, or is another than the one it is made of
     */
    public function taken(array $file): array
    {
        $brought = $file[self::FIELD] ?? null;
        unset($file[self::FIELD]);
        if (! is_array($brought)) {
            return $file;
        }
        $own = OwnStructureFile::fromArray($brought);
        if ($own->key() !== ($file['structure'] ?? null)) {
            throw InvalidDesign::at(['structure' => 'The structure that comes with this design is another than the one it is made of.']);
        }
        if ($this->find($own->key()) === null) {
            $this->keep($own);
        }

        return $file;
    }

    /**
     * A design file with the structure it is made of, where that is nobody else’s.
     *
     * @param array<string, mixed> $file
     * @return array<string, mixed>
     */
    public function with(array $file): array
    {
        $own = is_string($file['structure'] ?? null) ? $this->find($file['structure']) : null;

        return $own instanceof Written ? [...$file, self::FIELD => OwnStructureFile::toArray($own)] : $file;
    }

    /** Taken out of the catalogue; kept as long as a book is made of it. */
    public function takeOut(string $key): void
    {
        OwnStructure::query()->where('key', $key)->update(['is_listed' => false]);
        if (! Project::query()->withoutGlobalScopes()->where('design->structure', $key)->exists()) {
            OwnStructure::query()->where('key', $key)->delete();
            unset($this->known[$key]);
        }
    }
}

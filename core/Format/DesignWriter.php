<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Design\Design;
use Ephemeron\Design\Things;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\UsualThings;

/** Writes designs: what was said, every length exact. What it writes reads back the same. */
final readonly class DesignWriter
{
    public function __construct(private Catalogue $catalogue, private DesignFields $fields)
    {
    }

    public static function ofTheHouse(): self
    {
        return new self(Catalogue::ofTheHouse(), new DesignFields(Showroom::ofTheHouse()));
    }

    /** @return array<string, mixed> */
    public function toArray(Design $design): array
    {
        $structure = $this->catalogue->get($design->structure);

        return [
            ...$this->head($design),
            'name' => $design->name,
            ...$this->fields->record($structure)->write($design, $design->notation(), $this->fields->usual($structure, $design->unit)),
        ];
    }

    /**
     * Everything, usual or said, things that are usual among them: for comparing.
     *
     * @return array<string, mixed>
     */
    public function whole(Design $design): array
    {
        $structure = $this->catalogue->get($design->structure);
        $all = UsualThings::furnished($structure, $design)->things;

        return [
            ...$this->head($design),
            ...$this->fields->record($structure)->write($design->with(things: Things::between([], $all)), $design->notation(), null),
        ];
    }

    public function toJson(Design $design): string
    {
        return self::json($this->toArray($design));
    }

    /** @param array<string, mixed> $file */
    public static function json(array $file): string
    {
        return json_encode($file, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, mixed> */
    private function head(Design $design): array
    {
        return [
            'format' => DesignReader::FORMAT,
            'version' => DesignReader::VERSION,
            'structure' => $design->structure,
            'unit' => $design->unit->value,
        ];
    }
}

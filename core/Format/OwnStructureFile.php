<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Measure\Unit;
use Ephemeron\Structure\OwnStructure;
use Ephemeron\Structure\Skill;
use Ephemeron\Structure\UnreadableStructure;

/** A structure of one’s own as a file: docs/format/structure.schema.json says what stands in it. */
final readonly class OwnStructureFile
{
    public const FORMAT = 'ephemeron-structure';

    public const VERSION = 1;

    /** Bytes; a structure is a page of text. */
    public const MOST = 200_000;

    /** @throws InvalidDesign with every place that is wrong */
    public static function read(string $json): OwnStructure
    {
        $data = strlen($json) > self::MOST ? null : json_decode($json, true, 16);
        if (! is_array($data) || ($data['format'] ?? null) !== self::FORMAT) {
            throw InvalidDesign::at(['format' => 'This is not a structure: “format” must be "'.self::FORMAT.'".']);
        }
        if (($data['version'] ?? null) !== self::VERSION) {
            throw InvalidDesign::at(['version' => 'This Ephemeron reads version '.self::VERSION.' of structures.']);
        }

        return self::fromArray($data);
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @throws InvalidDesign
     */
    public static function fromArray(array $data): OwnStructure
    {
        $wrong = [];
        $text = static function (string $place, int $most) use ($data, &$wrong): string {
            $value = $data[$place] ?? '';
            if (is_string($value) && mb_check_encoding($value, 'UTF-8') && mb_strlen($value) <= $most) {
                return $value;
            }
            $wrong[$place] = "A text of at most {$most} signs.";

            return '';
        };
        $name = $text('name', 120);
        $summary = $text('summary', 400);
        $texts = array_map(static fn (string $key): string => $text($key, 4_000), array_combine(OwnStructure::TEXTS, OwnStructure::TEXTS));
        if (trim($name) === '' && ! isset($wrong['name'])) {
            $wrong['name'] = 'A structure has a name.';
        }
        $skill = Skill::tryFrom(is_string($data['skill'] ?? null) ? $data['skill'] : Skill::Some->value);
        $unit = Unit::tryFrom(is_string($data['unit'] ?? null) ? $data['unit'] : Unit::Inch->value);
        if ($skill === null) {
            $wrong['skill'] = 'One of: '.implode(', ', array_column(Skill::cases(), 'value')).'.';
        }
        if ($unit === null) {
            $wrong['unit'] = 'One of: '.implode(', ', array_column(Unit::cases(), 'value')).'.';
        }
        $measures = is_array($data['measures'] ?? null) ? array_values(array_filter($data['measures'], is_string(...))) : [];
        if ($measures === [] || count($measures) !== count((array) $data['measures'])) {
            $wrong['measures'] = 'A list of measures, each a line like “page width = 5 in (2 in to 10 in)”.';
        }
        if ($wrong !== []) {
            throw InvalidDesign::at($wrong);
        }
        assert($skill !== null && $unit !== null);
        try {
            return OwnStructure::of($name, $summary, $skill, $unit, $measures, $texts);
        } catch (UnreadableStructure $refusal) {
            throw InvalidDesign::at([$refusal->place ?? 'measures' => $refusal->getMessage()]);
        }
    }

    /** @return array<string, mixed> */
    public static function toArray(OwnStructure $own): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $own->name,
            'summary' => $own->summary,
            'skill' => $own->skill->value,
            'unit' => $own->unit->value,
            'measures' => $own->lines(),
            ...array_filter($own->texts, static fn (string $text): bool => $text !== ''),
        ];
    }

    public static function write(OwnStructure $own): string
    {
        return DesignWriter::json(self::toArray($own));
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Design\Design;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Things;
use Ephemeron\Format\Shape\Reading;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Structure;
use Ephemeron\Structure\UsualThings;

/**
 * Reads designs: the one gate through which anything from outside becomes a {@see Design}.
 * The format is described in docs/format/design.schema.json; whatever is left out takes its default.
 */
final readonly class DesignReader
{
    public const FORMAT = 'ephemeron-design';

    /** What is written; version 1, which wrote everything out, is read too. */
    public const VERSION = 2;

    private const MOST_BYTES = 1_000_000;

    private DesignFields $fields;

    public function __construct(private Catalogue $catalogue, Showroom $showroom)
    {
        $this->fields = new DesignFields($showroom);
    }

    public static function ofTheHouse(): self
    {
        return new self(Catalogue::ofTheHouse(), Showroom::ofTheHouse());
    }

    /** @throws InvalidDesign */
    public function fromJson(string $json): Design
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw InvalidDesign::whole(sprintf('A design file is at most 1 MB; this one has %.1f MB.', strlen($json) / 1_000_000));
        }
        try {
            $data = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw InvalidDesign::whole("This is not JSON ({$error->getMessage()}). A design file is a JSON object.");
        }
        if (! is_array($data) || ($data !== [] && array_is_list($data))) {
            throw InvalidDesign::whole('A design file is a JSON object, { … }.');
        }

        return $this->fromArray($data);
    }

    /** A structure as it is when nobody has said anything yet. */
    public function usual(Structure $structure, Unit $unit): Design
    {
        return $this->fields->usual($structure, $unit);
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @throws InvalidDesign
     */
    public function fromArray(array $data): Design
    {
        $structure = $this->structure($data);
        $unit = $this->unit($data);
        $reading = new Reading($unit, new Complaints);
        $usual = $this->fields->usual($structure, $unit);
        if (($data['version'] ?? null) === 1 && array_key_exists('mats', $data)) {
            // Version 1 wrote all exceptions of faces, not what they added to the usual ones.
            $usual = $usual->with(mats: $usual->mats->with(faces: []));
        }
        $design = $this->fields->record($structure)->read($data, $reading, $usual);
        if (array_key_exists('furniture', $data)) {
            $all = Placed::keyed($this->fields->things->list($data['furniture'], $reading->at('furniture')));
            $design = $design->with(things: Things::between(UsualThings::of($structure, $design->parameters, $unit), $all));
        }
        foreach ($structure->refusals($design->parameters, $design->notation()) as $key => $sentence) {
            $reading->at('parameters')->at($key)->complain($sentence);
        }
        ChoiceFields::check($design, $reading->at('choices'));
        $design = KeepsakeFields::settled($design, $reading->at('keepsakes'));
        $reading->complaints->throwAny();

        return $design;
    }

    /**
     * The design with a change, as somebody typed it. Lengths keep what they are when the unit changes; what is said about a usual thing
     * and is usual anyway follows again.
     *
     * @param array<string, mixed> $changes by place, see {@see DesignPatch}
     *
     * @throws InvalidDesign
     */
    public function changed(Design $design, array $changes): Design
    {
        if (isset($changes['unit'])) {
            $unit = $this->unit($changes);
            $design = $design->with(unit: $unit, tools: $design->tools->readIn($unit));
            unset($changes['unit']);
        }
        $written = (new DesignWriter($this->catalogue, $this->fields))->toArray($design);
        $changed = $this->fromArray((new DesignPatch($changes))->applyTo($written));
        $touched = array_values(
            array_filter(
                array_map(
                    static fn (string $place): string => explode('.', $place, 3)[1] ?? '',
                    array_filter(array_keys($changes), static fn (string $place): bool => str_starts_with($place, 'things.')),
                ),
            ),
        );

        return $touched === [] ? $changed : $changed->with(things: $changed->things->beside($this->usualThings($changed), $touched));
    }

    /** @return list<Placed> the things of a design's structure as they are usual at its measures, with their keys */
    public function usualThings(Design $design): array
    {
        return UsualThings::of($this->catalogue->get($design->structure), $design->parameters, $design->unit);
    }

    /** @param array<array-key, mixed> $data */
    private function structure(array $data): Structure
    {
        if (($data['format'] ?? null) !== self::FORMAT) {
            throw InvalidDesign::at(['format' => sprintf('This is not an Ephemeron design: “format” must be "%s".', self::FORMAT)]);
        }
        if (! in_array($data['version'] ?? null, range(1, self::VERSION), true)) {
            $version = is_scalar($data['version'] ?? null) ? mb_substr(mb_scrub((string) $data['version']), 0, 20) : 'none';
            throw InvalidDesign::at(
                ['version' => sprintf('The file’s version is %s; this Ephemeron reads versions 1 to %d.', $version, self::VERSION)],
            );
        }
        $key = $data['structure'] ?? null;
        if (! is_string($key) || ! $this->catalogue->has($key)) {
            throw InvalidDesign::at(['structure' => sprintf(
                'There is no structure “%s”; there is %s.',
                is_string($key) ? mb_substr(mb_scrub($key), 0, 60) : get_debug_type($key),
                implode(', ', $this->catalogue->keys()),
            )]);
        }

        return $this->catalogue->get($key);
    }

    /** @param array<array-key, mixed> $data */
    private function unit(array $data): Unit
    {
        $unit = $data['unit'] ?? Unit::Inch->value;

        return (is_string($unit) ? Unit::tryFrom($unit) : null)
            ?? throw InvalidDesign::at(['unit' => 'The unit is "in" or "cm".']);
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Design\Alternation;
use Ephemeron\Design\Decorating;
use Ephemeron\Design\Design;
use Ephemeron\Design\Gluing;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\MatSchool;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\PinnedPart;
use Ephemeron\Design\Placed;
use Ephemeron\Design\PocketOrder;
use Ephemeron\Design\Schools;
use Ephemeron\Design\ScoringSchool;
use Ephemeron\Design\Values;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Geometry\Pin;
use Ephemeron\Geometry\Point;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Stock;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Structure;

/**
 * Reads designs: the one gate through which anything from outside becomes a {@see Design}.
 * The format is described in docs/format/design.schema.json; whatever is left out takes its default.
 */
final readonly class DesignReader
{
    public const FORMAT = 'ephemeron-design';

    public const VERSION = 1;

    private const MOST_BYTES = 1_000_000;

    private const MOST_FURNITURE = 500;

    private const MOST_PINS = 60;

    private const KEYS = ['$schema', 'format', 'version', 'structure', 'name', 'unit', 'grid', 'grooves', 'board', 'blade', 'strip', 'scoring', 'schools', 'parameters', 'mats', 'furniture', 'materials', 'pins'];

    public function __construct(private Catalogue $catalogue, private Showroom $showroom)
    {
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
        return $this->fromArray(['format' => self::FORMAT, 'version' => self::VERSION, 'structure' => $structure->key(), 'unit' => $unit->value]);
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
        $complaints = new Complaints;
        $complaints->unknownKeys('', $data, self::KEYS);

        $parameters = $this->values($structure->parameters(), self::object($data, 'parameters', '', $complaints), $unit, 'parameters', $complaints);
        $values = $this->withDefaults($structure->parameters(), $parameters, $unit);
        $design = new Design(
            structure: $structure->key(),
            name: $this->name($data, $structure, $complaints),
            unit: $unit,
            grid: $this->grid($data, 'grid', ToolGrid::usualFor($unit), $complaints),
            grooves: $this->grid($data, 'grooves', ToolGrid::usualGroovesFor($unit), $complaints),
            scoring: $this->scoring($data, $complaints),
            board: $this->tool($data, Parameter::length('board', 'The scoring board', '', Length::inches(4), Length::inches(40)), $unit, $complaints),
            blade: $this->tool($data, Parameter::length('blade', 'The blade', '', Length::inches(4), Length::inches(60)), $unit, $complaints),
            strip: $this->tool($data, Parameter::length('strip', 'The narrowest strip', '', Length::inches(0, 1, 32), Length::inches(1)), $unit, $complaints),
            parameters: $values,
            mats: $this->mats($data, $structure->defaultMats(), $complaints),
            furniture: array_key_exists('furniture', $data)
                ? $this->furniture($data['furniture'], $unit, 'furniture', $complaints, 0)
                : $structure->defaultFurniture($values, $unit),
            schools: $this->schools($data, $complaints),
            pins: $this->pins($data, $unit, $complaints),
            materials: $this->materials($data, $structure->materials($unit), $unit, $complaints),
        );
        foreach ($structure->refusals($values, $design->notation()) as $key => $sentence) {
            $complaints->add("parameters.{$key}", $sentence);
        }
        $complaints->throwAny();

        return $design;
    }

    /** @param array<array-key, mixed> $data */
    private function structure(array $data): Structure
    {
        if (($data['format'] ?? null) !== self::FORMAT) {
            throw InvalidDesign::at(['format' => sprintf('This is not an Ephemeron design: “format” must be "%s".', self::FORMAT)]);
        }
        if (($data['version'] ?? null) !== self::VERSION) {
            $version = is_scalar($data['version'] ?? null) ? mb_substr(mb_scrub((string) $data['version']), 0, 20) : 'none';
            throw InvalidDesign::at(['version' => sprintf('The file’s version is %s; this Ephemeron reads version %d.', $version, self::VERSION)]);
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

    /** @param array<array-key, mixed> $data */
    private function name(array $data, Structure $structure, Complaints $complaints): string
    {
        $name = $data['name'] ?? $structure->name();
        if (! is_string($name) || trim($name) === '' || mb_strlen($name) > 120 || ! mb_check_encoding($name, 'UTF-8')) {
            $complaints->add('name', 'A name has 1 to 120 characters.');

            return $structure->name();
        }

        return trim($name);
    }

    /** @param array<array-key, mixed> $data */
    private function grid(array $data, string $key, ToolGrid $usual, Complaints $complaints): ToolGrid
    {
        $value = $data[$key] ?? null;
        if ($value === null) {
            return $usual;
        }
        $grid = is_string($value) ? ToolGrid::tryFrom($value) : null;
        if ($grid === null) {
            $complaints->add($key, 'Marks are one of: '.implode(', ', array_column(ToolGrid::cases(), 'value')).'.');
        }

        return $grid ?? $usual;
    }

    /**
     * A measure of a tool, where it is not the usual one.
     *
     * @param array<array-key, mixed> $data
     */
    private function tool(array $data, Parameter $parameter, Unit $unit, Complaints $complaints): ?Length
    {
        $value = $data[$parameter->key] ?? null;
        if ($value === null || $value === '') {
            return null;
        }
        $length = $complaints->reading($parameter->key, static fn () => $parameter->read($value, $unit), null);

        return $length instanceof Length ? $length : null;
    }

    /** @param array<array-key, mixed> $data */
    private function scoring(array $data, Complaints $complaints): ScoringSchool
    {
        $value = $data['scoring'] ?? ScoringSchool::Turn->value;
        $school = is_string($value) ? ScoringSchool::tryFrom($value) : null;
        if ($school === null) {
            $complaints->add('scoring', 'Scores are given as "turn" or "absolute".');
        }

        return $school ?? ScoringSchool::Turn;
    }

    /** @param array<array-key, mixed> $data */
    private function schools(array $data, Complaints $complaints): Schools
    {
        $given = self::object($data, 'schools', '', $complaints);
        $complaints->unknownKeys('schools', $given, ['decorating', 'gluing', 'pockets']);

        return new Schools(
            $this->school($given, 'decorating', Decorating::Usual, $complaints),
            $this->school($given, 'gluing', Gluing::ByZone, $complaints),
            $this->school($given, 'pockets', PocketOrder::MatFirst, $complaints),
        );
    }

    /**
     * @template School of \BackedEnum
     *
     * @param array<array-key, mixed> $given
     * @param School $usual
     * @return School
     */
    private function school(array $given, string $key, \BackedEnum $usual, Complaints $complaints): \BackedEnum
    {
        $value = $given[$key] ?? $usual->value;
        $school = is_string($value) ? $usual::tryFrom($value) : null;
        if ($school === null) {
            $complaints->add("schools.{$key}", 'It is one of: '.implode(', ', array_column($usual::cases(), 'value')).'.');
        }

        return $school ?? $usual;
    }

    /**
     * @param list<Parameter> $parameters
     * @param array<array-key, mixed> $given
     */
    private function values(array $parameters, array $given, Unit $unit, string $place, Complaints $complaints): Values
    {
        $complaints->unknownKeys($place, $given, array_map(static fn (Parameter $parameter): string => $parameter->key, $parameters));
        $values = [];
        foreach ($parameters as $parameter) {
            if (! array_key_exists($parameter->key, $given)) {
                continue;
            }
            $value = $complaints->reading("{$place}.{$parameter->key}", static fn () => $parameter->read($given[$parameter->key], $unit), null);
            if ($value !== null) {
                $values[$parameter->key] = $value;
            }
        }

        return new Values($values);
    }

    /** @param list<Parameter> $parameters */
    private function withDefaults(array $parameters, Values $given, Unit $unit): Values
    {
        $values = [];
        foreach ($parameters as $parameter) {
            $value = $given->values[$parameter->key] ?? $parameter->default($unit);
            if ($value !== null) {
                $values[$parameter->key] = $value;
            }
        }

        return new Values($values);
    }

    /** @param array<array-key, mixed> $data */
    private function mats(array $data, MatRule $usual, Complaints $complaints): MatRule
    {
        if (! array_key_exists('mats', $data)) {
            return $usual;
        }
        $given = self::object($data, 'mats', '', $complaints);
        $complaints->unknownKeys('mats', $given, ['school', 'layers', 'faces', 'alternate']);
        $school = $this->matSchool($given, 'mats', $usual->school, $complaints);
        $layers = $this->matLayers($given, 'mats', $usual->layers, $complaints);
        $faces = [];
        foreach (self::object($given, 'faces', 'mats', $complaints) as $face => $rule) {
            $place = 'mats.faces.'.mb_substr(mb_scrub((string) $face), 0, 60);
            if (! is_array($rule)) {
                $complaints->add($place, 'Mats of one face are an object with "school" and "layers".');

                continue;
            }
            $complaints->unknownKeys($place, $rule, ['school', 'layers', 'picture']);
            $faces[(string) $face] = [
                'school' => $this->matSchool($rule, $place, $school, $complaints),
                'layers' => $this->matLayers($rule, $place, $layers, $complaints),
                'picture' => $this->picture($rule, $place, $complaints),
            ];
        }

        return new MatRule($school, $layers, $faces, $this->alternation($given, $usual->alternate, $complaints));
    }

    /** @param array<array-key, mixed> $given */
    private function alternation(array $given, Alternation $usual, Complaints $complaints): Alternation
    {
        $value = $given['alternate'] ?? $usual->value;
        $alternation = is_string($value) ? Alternation::tryFrom($value) : null;
        if ($alternation === null) {
            $complaints->add('mats.alternate', 'It is one of: '.implode(', ', array_column(Alternation::cases(), 'value')).'.');
        }

        return $alternation ?? $usual;
    }

    /**
     * @param array<array-key, mixed> $data
     * @return list<PinnedPart>
     */
    private function pins(array $data, Unit $unit, Complaints $complaints): array
    {
        $given = $data['pins'] ?? [];
        if (! is_array($given) || ! array_is_list($given) || count($given) > self::MOST_PINS) {
            $complaints->add('pins', sprintf('Pins are a list of up to %d places.', self::MOST_PINS));

            return [];
        }
        $pins = [];
        foreach ($given as $index => $pin) {
            $place = "pins.{$index}";
            if (! is_array($pin) || ! is_string($pin['part'] ?? null) || mb_strlen($pin['part']) > 200) {
                $complaints->add($place, 'A pin has "part", "sheet", "left" and "top".');

                continue;
            }
            $complaints->unknownKeys($place, $pin, ['part', 'sheet', 'left', 'top', 'turned']);
            $values = $this->values([
                Parameter::count('sheet', 'The sheet', '', 1, 99, 1),
                Parameter::length('left', 'From the left edge', '', Length::zero(), Length::inches(60), Length::zero()),
                Parameter::length('top', 'From the head', '', Length::zero(), Length::inches(60), Length::zero()),
            ], array_intersect_key($pin, array_flip(['sheet', 'left', 'top'])), $unit, $place, $complaints);
            $left = $values->values['left'] ?? Length::zero();
            $top = $values->values['top'] ?? Length::zero();
            $sheet = $values->values['sheet'] ?? 1;
            $pins[] = new PinnedPart($pin['part'], new Pin(is_int($sheet) ? $sheet : 1, new Point($left instanceof Length ? $left : Length::zero(), $top instanceof Length ? $top : Length::zero()), in_array($pin['turned'] ?? false, [true, 1, '1'], true)));
        }

        return $pins;
    }

    /** @param array<array-key, mixed> $given */
    private function picture(array $given, string $place, Complaints $complaints): string
    {
        $picture = $given['picture'] ?? '';
        if (! is_string($picture) || mb_strlen($picture) > 40 || ! mb_check_encoding($picture, 'UTF-8')) {
            $complaints->add("{$place}.picture", 'A picture has a name of 40 characters at the most.');

            return '';
        }

        return trim($picture);
    }

    /** @param array<array-key, mixed> $given */
    private function matSchool(array $given, string $place, MatSchool $usual, Complaints $complaints): MatSchool
    {
        $value = $given['school'] ?? $usual->value;
        $school = is_string($value) ? MatSchool::tryFrom($value) : null;
        if ($school === null) {
            $complaints->add("{$place}.school", 'Borders are one of: '.implode(', ', array_column(MatSchool::cases(), 'value')).'.');
        }

        return $school ?? $usual;
    }

    /** @param array<array-key, mixed> $given */
    private function matLayers(array $given, string $place, int $usual, Complaints $complaints): int
    {
        $parameter = Parameter::count('layers', 'Layers', '', 0, MatRule::MOST_LAYERS, $usual);
        $layers = $complaints->reading("{$place}.layers", static fn () => $parameter->read($given['layers'] ?? $usual, Unit::Inch), $usual);

        return is_int($layers) ? $layers : $usual;
    }

    /** @return list<Placed> */
    private function furniture(mixed $given, Unit $unit, string $place, Complaints $complaints, int $depth): array
    {
        if (! is_array($given) || ! array_is_list($given)) {
            $complaints->add($place, 'Furniture is a list, [ … ].');

            return [];
        }
        if (count($given) > self::MOST_FURNITURE || $depth > 4) {
            $complaints->add($place, sprintf('That is more than %d things, or more than five on top of each other.', self::MOST_FURNITURE));

            return [];
        }
        $placed = [];
        foreach ($given as $index => $item) {
            $here = "{$place}.{$index}";
            if (! is_array($item)) {
                $complaints->add($here, 'A thing on a face is an object with "on", "kind" and "parameters".');

                continue;
            }
            $complaints->unknownKeys($here, $item, ['on', 'kind', 'parameters', 'children']);
            $on = $item['on'] ?? ($depth > 0 ? '' : null);
            $kind = $item['kind'] ?? null;
            if (! is_string($on) || mb_strlen($on) > 200) {
                $complaints->add("{$here}.on", 'Name the face it is on, such as "page-1".');
            }
            if (! is_string($kind) || ! $this->showroom->has($kind)) {
                $complaints->add("{$here}.kind", 'A kind of thing is one of: '.implode(', ', array_keys($this->showroom->all())).'.');
            }
            if (! is_string($on) || ! is_string($kind) || ! $this->showroom->has($kind)) {
                continue;
            }
            $values = $this->values($this->showroom->get($kind)->parameters(), self::object($item, 'parameters', $here, $complaints), $unit, "{$here}.parameters", $complaints);
            $placed[] = new Placed($on, $kind, $values, $this->furniture($item['children'] ?? [], $unit, "{$here}.children", $complaints, $depth + 1));
        }

        return $placed;
    }

    /**
     * @param array<array-key, mixed> $data
     * @param array<string, Stock> $usual
     * @return array<string, Stock>
     */
    private function materials(array $data, array $usual, Unit $unit, Complaints $complaints): array
    {
        $given = self::object($data, 'materials', '', $complaints);
        $complaints->unknownKeys('materials', $given, array_keys($usual));
        $reader = new StockReader($unit, $complaints);
        $materials = $usual;
        foreach ($usual as $role => $stock) {
            $material = $given[$role] ?? null;
            if ($material === null) {
                continue;
            }
            if (! is_array($material)) {
                $complaints->add("materials.{$role}", 'A paper is an object with "name", "sheet", "weight" …');

                continue;
            }
            $materials[$role] = $reader->read($material, $stock, "materials.{$role}");
        }

        return $materials;
    }

    /**
     * @param array<array-key, mixed> $data
     * @return array<array-key, mixed>
     */
    private static function object(array $data, string $key, string $place, Complaints $complaints): array
    {
        $value = $data[$key] ?? [];
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $complaints->add(ltrim("{$place}.{$key}", '.'), 'This must be an object, { … }.');

            return [];
        }

        return $value;
    }
}

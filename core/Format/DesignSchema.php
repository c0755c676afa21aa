<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Furniture\Showroom;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\StockRole;

/** The published JSON Schema of the design file, made from the fields that read and write it. */
final readonly class DesignSchema
{
    private DesignFields $fields;

    public function __construct(Showroom $showroom)
    {
        $this->fields = new DesignFields($showroom);
    }

    public function json(): string
    {
        $whole = $this->fields->record(null)->whole();
        $properties = is_array($whole['properties'] ?? null) ? $whole['properties'] : [];
        $paper = ['$ref' => '#/$defs/paper'];
        $properties['materials'] = [
            'type' => 'object',
            'description' => 'Papers by role.',
            'additionalProperties' => false,
            'properties' => array_fill_keys(array_column(StockRole::cases(), 'value'), $paper),
        ];
        $schema = [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://ephemeron.example/format/design.schema.json',
            'title' => sprintf('Ephemeron design, versions 1 to %d', DesignReader::VERSION),
            'description' => 'What a maker wants of a book. Whatever is left out takes its default. '
                .'Lengths are written as people type them; a bare number is in the design’s unit.',
            'type' => 'object',
            'required' => ['format', 'version', 'structure'],
            'additionalProperties' => false,
            'properties' => [
                '$schema' => ['type' => 'string'],
                'format' => ['const' => DesignReader::FORMAT],
                'version' => ['enum' => range(1, DesignReader::VERSION)],
                'structure' => [
                    'type' => 'string',
                    'description' => 'Key of a structure, as `php artisan ephemeron:structures` lists them.',
                    'pattern' => '^[a-z0-9]+(-[a-z0-9]+)*$',
                ],
                'unit' => ['enum' => array_column(Unit::cases(), 'value'), 'default' => Unit::Inch->value],
                ...$properties,
                'furniture' => [
                    'type' => 'array',
                    'maxItems' => 500,
                    'description' => 'All things on faces, the lowest first, in place of the usual ones; [] for none.',
                    'items' => ['allOf' => [['$ref' => '#/$defs/placed'], ['required' => ['on']]]],
                ],
            ],
            '$defs' => [
                'length' => [
                    'type' => ['string', 'number', 'null'],
                    'description' => '4 7/8, 4⅞", 4.875 in, 12,5 cm, 125mm',
                    'minimum' => 0,
                    'maxLength' => 60,
                ],
                'value' => ['type' => ['string', 'number', 'boolean', 'null']],
                'thing' => $this->fields->things->thingSchema(),
                'placed' => $this->fields->things->listedSchema(),
                'paper' => PaperFields::record()->whole(),
            ],
        ];

        return json_encode($schema, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }
}

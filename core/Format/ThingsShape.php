<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Design\Placed;
use Ephemeron\Design\SaidThing;
use Ephemeron\Design\Things;
use Ephemeron\Design\Values;
use Ephemeron\Format\Shape\Measures;
use Ephemeron\Format\Shape\Reading;
use Ephemeron\Format\Shape\Shape;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Measure\Notation;

/**
 * The things on faces, by key: one's own with face and kind, changes to usual ones, usual ones that are off; and as a plain list, the
 * whole of them instead of the usual ones, as version 1 of the format wrote them.
 */
final readonly class ThingsShape implements Shape
{
    private const MOST = 500;

    /** Things on each other. */
    private const DEEPEST = 5;

    private const KEY = '~^[a-z0-9](?:[a-z0-9/-]{0,198}[a-z0-9])?-\d{1,4}$~D';

    public function __construct(private Showroom $showroom)
    {
    }

    /** @param Things $now */
    public function read(mixed $given, Reading $reading, mixed $now): Things
    {
        return new Things($this->byKey($given, $reading, 1));
    }

    /**
     * All of them, in order.
     *
     * @return list<Placed> without keys
     */
    public function list(mixed $given, Reading $reading, int $deep = 1): array
    {
        if (! is_array($given) || ! array_is_list($given)) {
            $reading->complain('Furniture is a list, [ … ].');

            return [];
        }
        $placed = [];
        foreach ($this->fewEnough($given, $reading, $deep) as $index => $item) {
            $said = $this->thing($item, $reading->at($index), '', $deep, ['on', 'kind', 'parameters', 'children'], isWhole: true);
            if ($said?->kind !== null) {
                $item = is_array($item) ? $item : [];
                $placed[] = new Placed(
                    $said->on ?? '',
                    $said->kind,
                    $said->values,
                    $this->list($item['children'] ?? [], $reading->at($index)->at('children'), $deep + 1),
                );
            }
        }

        return $placed;
    }

    /**
     * @param Things $value
     * @return array<string, mixed>
     */
    public function write(mixed $value, Notation $notation, mixed $usual): array
    {
        return array_map(fn (SaidThing $thing): array => $this->written($thing, $notation), $value->said);
    }

    public function schema(): array
    {
        return ['type' => 'object', 'maxProperties' => self::MOST, 'additionalProperties' => ['$ref' => '#/$defs/thing']];
    }

    /** @return array<string, mixed> of one thing among others by key */
    public function thingSchema(): array
    {
        return [
            'type' => 'object',
            'additionalProperties' => false,
            'properties' => [
                ...$this->common(),
                'off' => ['type' => ['boolean', 'string', 'integer'], 'description' => 'A usual thing that is taken off.'],
                'children' => ['type' => 'object', 'additionalProperties' => ['$ref' => '#/$defs/thing']],
            ],
        ];
    }

    /** @return array<string, mixed> of one thing in a list */
    public function listedSchema(): array
    {
        return [
            'type' => 'object',
            'additionalProperties' => false,
            'required' => ['kind'],
            'properties' => [...$this->common(), 'children' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/placed']]],
        ];
    }

    /** @return array<string, mixed> */
    private function common(): array
    {
        return [
            'on' => [
                'type' => 'string',
                'maxLength' => 200,
                'description' => 'Key of a face of the book. For things in `children`: the name of a face of the thing they belong to '
                    .'(front, inside, flap-2 …); left out, its usual one.',
            ],
            'kind' => ['enum' => array_keys($this->showroom->all())],
            'parameters' => ['type' => 'object', 'additionalProperties' => ['$ref' => '#/$defs/value']],
        ];
    }

    /** @return array<string, SaidThing> */
    private function byKey(mixed $given, Reading $reading, int $deep): array
    {
        $said = [];
        foreach ($this->fewEnough($reading->object($given), $reading, $deep) as $key => $item) {
            $at = $reading->at($key);
            if (preg_match(self::KEY, (string) $key) !== 1 || ! $this->showroom->has(Placed::kindIn((string) $key))) {
                $at->complain('A thing is named by its face, its kind and a number, such as "page-2/pocket-1".');

                continue;
            }
            $thing = $this->thing($item, $at, (string) $key, $deep, ['on', 'kind', 'parameters', 'children', 'off'], isWhole: false);
            if ($thing !== null) {
                $said[(string) $key] = is_array($item) && isset($item['children']) ? $thing->withChildren(
                    $this->byKey($item['children'], $at->at('children'), $deep + 1),
                ) : $thing;
            }
        }

        return $said;
    }

    /**
     * @param array<array-key, mixed> $given
     * @return array<array-key, mixed>
     */
    private function fewEnough(array $given, Reading $reading, int $deep): array
    {
        if ($given !== [] && (count($given) > self::MOST || $deep > self::DEEPEST)) {
            $reading->complain(sprintf('That is more than %d things, or more than five on top of each other.', self::MOST));

            return [];
        }

        return $given;
    }

    /**
     * @param list<string> $known
     * @param bool $isWhole it must say where it is and what
     */
    private function thing(mixed $item, Reading $at, string $key, int $deep, array $known, bool $isWhole): ?SaidThing
    {
        if (! is_array($item)) {
            $at->complain('A thing on a face is an object with "on", "kind" and "parameters".');

            return null;
        }
        $at->complaints->unknownKeys($at->place, $item, $known);
        $on = $item['on'] ?? null;
        $kind = $item['kind'] ?? null;
        if (($isWhole || $kind !== null) && (! is_string($kind) || ! $this->showroom->has($kind))) {
            $at->at('kind')->complain('A kind of thing is one of: '.implode(', ', array_keys($this->showroom->all())).'.');

            return null;
        }
        if (($on !== null && (! is_string($on) || mb_strlen($on) > 200 || ! mb_check_encoding($on, 'UTF-8')))
            || ($on === null && $deep === 1 && is_string($kind))) {
            $at->at('on')->complain('Name the face it is on, such as "page-1".');

            return null;
        }
        $measures = new Measures(array_values($this->showroom->parametersOf(is_string($kind) ? $kind : Placed::kindIn($key))));
        $values = $measures->read($item['parameters'] ?? [], $at->at('parameters'), new Values);
        $off = $item['off'] ?? false;

        return new SaidThing(
            is_string($kind) ? (string) $on : null,
            is_string($kind) ? $kind : null,
            $values,
            off: in_array($off, [true, 1, '1', 'true'], true),
        );
    }

    /** @return array<string, mixed> */
    private function written(SaidThing $thing, Notation $notation): array
    {
        $values = (new Measures([]))->write($thing->values, $notation, null);

        return [
            ...($thing->on === null || $thing->on === '' ? [] : ['on' => $thing->on]),
            ...($thing->kind === null ? [] : ['kind' => $thing->kind]),
            ...($values === [] ? [] : ['parameters' => $values]),
            ...($thing->off ? ['off' => true] : []),
            ...($thing->children === [] ? [] : [
                'children' => array_map(fn (SaidThing $child): array => $this->written($child, $notation), $thing->children),
            ]),
        ];
    }
}

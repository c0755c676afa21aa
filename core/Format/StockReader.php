<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Design\Parameter;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Grain;
use Ephemeron\Paper\Grammage;
use Ephemeron\Paper\Leftover;
use Ephemeron\Paper\Price;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;

/** Reads one paper of a design file; what is left out stays as the structure proposes it. */
final readonly class StockReader
{
    private const KEYS = ['name', 'sheet', 'width', 'height', 'weight', 'thickness', 'sides', 'direction', 'selvage', 'count', 'drawer', 'leftovers', 'grain', 'price'];

    /** Which sides have a print with a right way up. */
    public const DIRECTIONS = ['none', 'a', 'b', 'both'];

    private const MOST_LEFTOVERS = 40;

    public const SIDES = ['single', 'double'];

    public function __construct(private Unit $unit, private Complaints $complaints)
    {
    }

    /** @param array<array-key, mixed> $given */
    public function read(array $given, Stock $usual, string $place): Stock
    {
        $this->complaints->unknownKeys($place, $given, self::KEYS);
        $grammage = $this->grammage($given, $usual, $place);
        $direction = $this->oneOf($given, 'direction', self::DIRECTIONS, null, $place);
        $sides = $this->oneOf($given, 'sides', self::SIDES, null, $place);
        $unweighed = ! array_key_exists('weight', $given) || $given['weight'] === '';

        return new Stock(
            name: $this->name($given, $usual, $place),
            sheet: $this->sheet($given, $usual, $place),
            grammage: $grammage,
            caliper: $this->length($given, 'thickness', $unweighed ? $usual->caliper : $grammage->caliper(), Length::micrometres(30), Length::millimetres(5), $place),
            doubleSided: $sides === null ? $usual->doubleSided : $sides === 'double',
            directionA: $direction === null ? $usual->directionA : in_array($direction, ['a', 'both'], true),
            directionB: $direction === null ? $usual->directionB : in_array($direction, ['b', 'both'], true),
            selvage: $this->length($given, 'selvage', $usual->selvage, Length::zero(), Length::inches(2), $place),
            available: $this->count($given, $usual, $place),
            drawer: $this->drawer($given, $place),
            leftovers: $this->leftovers($given, $place),
            grain: Grain::tryFrom($this->oneOf($given, 'grain', array_column(Grain::cases(), 'value'), null, $place) ?? '') ?? $usual->grain,
            price: $this->price($given, $usual, $place),
        );
    }

    /** @param array<array-key, mixed> $given */
    private function price(array $given, Stock $usual, string $place): Price
    {
        $price = $given['price'] ?? '';
        if ($price === '') {
            return array_key_exists('price', $given) ? new Price(0) : $usual->price;
        }

        return $this->complaints->reading("{$place}.price", static fn (): Price => Price::parse(is_scalar($price) ? (string) $price : ''), $usual->price);
    }

    /** @param array<array-key, mixed> $given */
    private function drawer(array $given, string $place): ?string
    {
        $drawer = $given['drawer'] ?? null;
        if ($drawer === null || $drawer === '') {
            return null;
        }
        if (is_int($drawer) || (is_string($drawer) && preg_match('/^[A-Za-z0-9-]{1,40}$/', $drawer) === 1)) {
            return (string) $drawer;
        }
        $this->complaints->add("{$place}.drawer", 'A paper in the drawer is named by up to 40 letters, figures and hyphens.');

        return null;
    }

    /**
     * @param array<array-key, mixed> $given
     * @return list<Leftover>
     */
    private function leftovers(array $given, string $place): array
    {
        $list = $given['leftovers'] ?? [];
        if (! is_array($list) || ! array_is_list($list) || count($list) > self::MOST_LEFTOVERS) {
            $this->complaints->add("{$place}.leftovers", sprintf('Leftovers are a list of up to %d sizes.', self::MOST_LEFTOVERS));

            return [];
        }
        $leftovers = [];
        foreach ($list as $index => $leftover) {
            $here = "{$place}.leftovers.{$index}";
            if (! is_array($leftover) || ! isset($leftover['width'], $leftover['height'])) {
                $this->complaints->add($here, 'A leftover has "width", "height" and "count".');

                continue;
            }
            $this->complaints->unknownKeys($here, $leftover, ['width', 'height', 'count', 'drawer']);
            $least = Length::inches(0, 1, 4);
            $size = new Size($this->length($leftover, 'width', $least, $least, Length::inches(60), $here), $this->length($leftover, 'height', $least, $least, Length::inches(60), $here));
            $count = $this->complaints->reading("{$here}.count", fn () => Parameter::count('count', 'The number of leftovers', '', 1, 999, 1)->read($leftover['count'] ?? 1, $this->unit), 1);
            $leftovers[] = new Leftover($size, is_int($count) ? $count : 1, $this->drawer($leftover, $here));
        }

        return $leftovers;
    }

    /** @param array<array-key, mixed> $given */
    private function name(array $given, Stock $usual, string $place): string
    {
        $name = $given['name'] ?? $usual->name;
        if (! is_string($name) || trim($name) === '' || mb_strlen($name) > 80) {
            $this->complaints->add("{$place}.name", 'A paper’s name has 1 to 80 characters.');

            return $usual->name;
        }

        return trim($name);
    }

    /** @param array<array-key, mixed> $given */
    private function sheet(array $given, Stock $usual, string $place): Size
    {
        $format = $given['sheet'] ?? null;
        $size = $usual->sheet;
        if ($format !== null && $format !== 'own') {
            $known = is_string($format) ? SheetFormat::tryFrom($format) : null;
            if ($known === null) {
                $this->complaints->add("{$place}.sheet", 'A sheet is one of: '.implode(', ', array_column(SheetFormat::cases(), 'value')).', or give "width" and "height".');
            }

            return $known?->size() ?? $size;
        }
        $least = Length::inches(1);
        $most = Length::inches(60);

        return new Size(
            $this->length($given, 'width', $size->width, $least, $most, $place),
            $this->length($given, 'height', $size->height, $least, $most, $place),
        );
    }

    /** @param array<array-key, mixed> $given */
    private function grammage(array $given, Stock $usual, string $place): Grammage
    {
        $weight = $given['weight'] ?? null;
        if ($weight === null || $weight === '') {
            return $usual->grammage;
        }
        if (! is_string($weight) && ! is_int($weight) && ! is_float($weight)) {
            $this->complaints->add("{$place}.weight", 'A weight is written like "220 g" or "80 lb cover".');

            return $usual->grammage;
        }

        return $this->complaints->reading("{$place}.weight", static fn () => Grammage::parse((string) $weight), $usual->grammage);
    }

    /** @param array<array-key, mixed> $given */
    private function length(array $given, string $key, Length $usual, Length $least, Length $most, string $place): Length
    {
        $value = $given[$key] ?? null;
        if ($value === null || $value === '') {
            return $usual;
        }
        $parameter = Parameter::length($key, ucfirst($key), '', $least, $most, $least);
        $length = $this->complaints->reading("{$place}.{$key}", fn () => $parameter->read($value, $this->unit), $usual);

        return $length instanceof Length ? $length : $usual;
    }

    /**
     * @param array<array-key, mixed> $given
     * @param list<string> $choices
     */
    private function oneOf(array $given, string $key, array $choices, ?string $otherwise, string $place): ?string
    {
        $value = $given[$key] ?? null;
        if ($value === null) {
            return $otherwise;
        }
        if (! is_string($value) || ! in_array($value, $choices, true)) {
            $this->complaints->add("{$place}.{$key}", 'This is one of: '.implode(', ', $choices).'.');

            return $otherwise;
        }

        return $value;
    }

    /** @param array<array-key, mixed> $given */
    private function count(array $given, Stock $usual, string $place): ?int
    {
        if (! array_key_exists('count', $given)) {
            return $usual->available;
        }
        if ($given['count'] === null || $given['count'] === '') {
            return null;
        }
        $parameter = Parameter::count('count', 'The number of sheets', '', 0, 100_000, 0);
        $count = $this->complaints->reading("{$place}.count", fn () => $parameter->read($given['count'], $this->unit), null);

        return is_int($count) ? $count : $usual->available;
    }
}

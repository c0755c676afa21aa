<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Brick\Math\BigRational;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Quantity;
use Ephemeron\Measure\Sum;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;

/** A measure of a structure of one’s own: a length, or how many of something there are. */
final readonly class OwnMeasure
{
    private const MOST_COUNT = 60;

    private const PATTERN = '~^\s*([a-z][a-z0-9 -]*?)\s*=\s*([^,(:]+?)\s*(?:,\s*([^(:]+?)\s*)?'
        .'\(\s*(.+?)\s*(?:to|…|\.\.\.)\s*(.+?)\s*\)\s*(?::\s*(.*))?$~iu';

    /** @param Length|int $metric what is usual in centimetres; the same as in inches of a count */
    private function __construct(
        public string $name,
        public string $meaning,
        public Length|int $usual,
        public Length|int $metric,
        public Length|int $least,
        public Length|int $most,
    ) {
    }

    /**
     * As one writes it: `page width = 5 in, 13 cm (2 in to 10 in): how wide a page is`, `pages = 4 (1 to 12)`. What has a unit is a length,
     * a whole number a count.
     *
     * @throws UnreadableStructure
     */
    public static function parse(string $line): self
    {
        if (preg_match(self::PATTERN, $line, $read) !== 1) {
            throw UnreadableStructure::measure($line);
        }
        $name = mb_strtolower((string) preg_replace('/\s+/', ' ', $read[1]));
        self::allow($name);
        $meaning = trim($read[6] ?? '');
        if (preg_match('/^\d{1,3}$/', $read[2]) === 1) {
            return self::counted($line, $name, $meaning, (int) $read[2], $read[4], $read[5]);
        }
        try {
            $usual = self::length($read[2]);
            $measure = new self(
                $name,
                $meaning,
                $usual,
                $read[3] === '' ? $usual : self::length($read[3]),
                self::length($read[4]),
                self::length($read[5]),
            );
        } catch (Refusal $refusal) {
            throw UnreadableStructure::at($line, $refusal->getMessage());
        }
        foreach ([$measure->usual, $measure->metric] as $length) {
            if (! $measure->parameter()->takes($length)) {
                throw UnreadableStructure::at($line, 'What is usual lies beyond its own range.');
            }
        }

        return $measure;
    }

    /** @throws UnreadableStructure where the name is one of the words that sums are written with */
    public static function allow(string $name): void
    {
        if ($name === 'n' || strlen($name) > 40 || Sum::isWord($name)) {
            throw UnreadableStructure::name($name);
        }
    }

    public function key(): string
    {
        return str_replace(' ', '-', $this->name);
    }

    public function parameter(): Parameter
    {
        $name = mb_strtoupper(mb_substr($this->name, 0, 1)).mb_substr($this->name, 1);
        $meaning = $this->meaning === '' ? 'A measure of this structure.' : $this->meaning;

        [$least, $most, $usual, $metric] = [$this->least, $this->most, $this->usual, $this->metric];

        return $usual instanceof Length && $metric instanceof Length && $least instanceof Length && $most instanceof Length
            ? Parameter::length($this->key(), $name, $meaning, $least, $most, $usual, $metric)
            : Parameter::count($this->key(), $name, $meaning, self::number($least), self::number($most), self::number($usual));
    }

    public function isLength(): bool
    {
        return $this->usual instanceof Length;
    }

    public function in(Values $values): Quantity
    {
        return $this->isLength()
            ? Quantity::ticks(BigRational::of($values->length($this->key())->ticks))
            : Quantity::number(BigRational::of($values->count($this->key())));
    }

    /** As it is read again. */
    public function written(): string
    {
        $text = static fn (Length|int $value): string => $value instanceof Length
            ? Notation::usual(Unit::Inch)->exact($value) : (string) $value;
        $metric = $this->metric instanceof Length && $this->usual instanceof Length && ! $this->metric->equals($this->usual)
            ? ', '.Notation::usual(Unit::Centimetre)->exact($this->metric) : '';

        return "{$this->name} = {$text($this->usual)}{$metric} ({$text($this->least)} to {$text($this->most)})"
            .($this->meaning === '' ? '' : ": {$this->meaning}");
    }

    private static function counted(string $line, string $name, string $meaning, int $usual, string $least, string $most): self
    {
        if (preg_match('/^\d{1,3}$/', $least) !== 1 || preg_match('/^\d{1,3}$/', $most) !== 1
            || (int) $least > $usual || $usual > (int) $most || (int) $most > self::MOST_COUNT) {
            throw UnreadableStructure::at(
                $line,
                'A count is a whole number inside its range, and no range goes beyond '.self::MOST_COUNT.'.',
            );
        }

        return new self($name, $meaning, $usual, $usual, (int) $least, (int) $most);
    }

    private static function number(Length|int $value): int
    {
        return $value instanceof Length ? $value->ticks : $value;
    }

    /** @throws Refusal */
    private static function length(string $text): Length
    {
        return preg_match('/[a-z"]/iu', $text) === 1 ? Length::parse($text) : throw UnreadableStructure::unit($text);
    }
}

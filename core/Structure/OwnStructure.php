<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Draft;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;

/**
 * A structure that a maker wrote down: a free base whose lengths are formulas of measures with names. Its key follows from what it is, so
 * that a book stays as it was begun when the structure is written anew.
 */
final readonly class OwnStructure implements Structure
{
    public const KEY = 'own-';

    /** The texts of a free base, by the name they have there. */
    public const TEXTS = ['columns', 'rows', 'cut-away', 'pieces', 'lines'];

    private const MOST_MEASURES = 24;

    /**
     * @param list<OwnMeasure> $measures
     * @param array<string, string> $derived formulas by name
     * @param array<string, string> $texts see {@see self::TEXTS}
     * @param Unit $unit of numbers without one that stand beside lengths
     */
    private function __construct(
        public string $name,
        public string $summary,
        public Skill $skill,
        public Unit $unit,
        public array $measures,
        public array $derived,
        public array $texts,
        public Sizing $sizing,
    ) {
    }

    /**
     * @param list<string> $measures one a line, see {@see OwnMeasure::parse()}; `name := formula` is one that is worked out
     * @param array<string, string> $texts
     *
     * @throws UnreadableStructure where it cannot be read, or not be built at its usual size in inches or in centimetres
     */
    public static function of(string $name, string $summary, Skill $skill, Unit $unit, array $measures, array $texts): self
    {
        $read = [];
        $derived = [];
        foreach ($measures as $line) {
            if (preg_match('/^\s*([a-z][a-z0-9 -]*?)\s*:=\s*(.+)$/iu', $line, $found) === 1) {
                $named = mb_strtolower($found[1]);
                OwnMeasure::allow($named);
                $derived[$named] = isset($derived[$named]) || isset($read[$named])
                    ? throw UnreadableStructure::twice($named) : trim($found[2]);

                continue;
            }
            $measure = OwnMeasure::parse($line);
            $read[$measure->name] = isset($read[$measure->name]) || isset($derived[$measure->name])
                ? throw UnreadableStructure::twice($measure->name) : $measure;
        }
        if ($read === [] || count($read) + count($derived) > self::MOST_MEASURES) {
            throw UnreadableStructure::at(
                implode(', ', array_keys($read)),
                'a structure has one measure at least, and '.self::MOST_MEASURES.' at most.',
            );
        }
        $lines = [];
        foreach (self::TEXTS as $key) {
            $lines[$key] = trim(str_replace("\r\n", "\n", $texts[$key] ?? ''));
        }
        $sizing = self::sizingOf($read, $lines, $derived);
        $own = new self(trim($name), trim($summary), $skill, $unit, array_values($read), $derived, $lines, $sizing);
        foreach (Unit::cases() as $in) {
            $usual = new Values;
            foreach ($own->parameters() as $parameter) {
                $usual = $usual->with($parameter->key, $parameter->default($in));
            }
            $own->check($usual, Notation::usual($in));
        }

        return $own;
    }

    public function about(): About
    {
        $summary = $this->summary === '' ? 'A structure of your own.' : $this->summary;

        return new About($this->key(), $this->name, $summary, $this->skill, $this->sizing);
    }

    /** The same for the same structure, another for any other. */
    public function key(): string
    {
        return self::KEY.substr(hash('sha256', serialize([$this->name, $this->unit, $this->lines(), $this->texts])), 0, 12);
    }

    /** @return list<string> its measures, as they are read again */
    public function lines(): array
    {
        return [
            ...array_map(static fn (OwnMeasure $measure): string => $measure->written(), $this->measures),
            ...array_map(
                static fn (string $name, string $formula): string => "{$name} := {$formula}",
                array_keys($this->derived),
                $this->derived,
            ),
        ];
    }

    public function parameters(): array
    {
        return array_map(static fn (OwnMeasure $measure): Parameter => $measure->parameter(), $this->measures);
    }

    public function defaultMats(): MatRule
    {
        return (new FreeBase)->defaultMats();
    }

    public function refusals(Values $values, Notation $notation): array
    {
        try {
            $this->check($values, $notation);
        } catch (UnreadableStructure $refusal) {
            return [$this->measures[0]->key() => $refusal->getMessage()];
        }

        return [];
    }

    /** @throws UnreadableStructure where it cannot be built at these sizes, with the text that is wrong */
    private function check(Values $values, Notation $notation): void
    {
        foreach ((new FreeBase)->refusals($this->drawn($values, $notation), $notation) as $text => $sentence) {
            throw UnreadableStructure::in($text, UnreadableStructure::at($this->name, $sentence));
        }
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        return [];
    }

    public function materials(Unit $unit): array
    {
        return (new FreeBase)->materials($unit);
    }

    public function layOut(Brief $brief): Draft
    {
        return (new FreeBase)->layOut($brief->with($this->drawn($brief->values, $brief->notation)));
    }

    /**
     * What it is as a free base at these sizes.
     *
     * @throws UnreadableStructure
     */
    public function drawn(Values $values, Notation $notation): Values
    {
        $measures = [];
        foreach ($this->measures as $measure) {
            $measures[$measure->name] = $measure->in($values);
        }
        $formulas = new OwnFormulas($measures, $this->derived, $this->unit);
        $texts = [];
        foreach ((new FreeBase)->parameters() as $parameter) {
            if (! in_array($parameter->key, self::TEXTS, true)) {
                continue;
            }
            try {
                $text = $parameter->read($formulas->filled($this->texts[$parameter->key] ?? ''), $notation->unit);
            } catch (Refusal $refusal) {
                throw UnreadableStructure::in($parameter->key, $refusal);
            }
            $texts[$parameter->key] = is_string($text) ? $text : '';
        }

        return new Values([...$texts, 'print' => 'any']);
    }

    /**
     * A length that stands in the widths only makes it broader, one that stands in the heights only taller, the first count longer.
     *
     * @param array<string, OwnMeasure> $measures
     * @param array<string, string> $texts
     * @param array<string, string> $derived
     */
    private static function sizingOf(array $measures, array $texts, array $derived): Sizing
    {
        $stands = static fn (string $name, string $text): bool => preg_match(
            '/(?<![\w-])'.preg_quote($name, '/').'(?![\w-])/iu',
            $text,
        ) === 1;
        [$broader, $taller, $longer] = [[], [], null];
        foreach ($measures as $name => $measure) {
            $across = $stands($name, $texts['columns'].' '.implode(' ', $derived));
            $down = $stands($name, $texts['rows']);
            if (! $measure->isLength()) {
                $longer ??= $measure->key();
            } elseif ($across) {
                $broader[] = $measure->key();
            } elseif ($down) {
                $taller[] = $measure->key();
            }
        }

        return new Sizing(array_slice($broader, 0, 1), array_slice($taller, 0, 1), $longer);
    }
}

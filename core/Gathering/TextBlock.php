<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

use Ephemeron\Measure\Length;

/** All signatures of a journal, from the front. */
final readonly class TextBlock
{
    /** @param list<Signature> $signatures */
    public function __construct(public array $signatures)
    {
    }

    /** @return list<Leaf> in reading order */
    public function leaves(): array
    {
        return array_merge([], ...array_map(static fn (Signature $signature): array => $signature->leaves(), $this->signatures));
    }

    public function sheets(): int
    {
        return array_sum(array_map(static fn (Signature $signature): int => count($signature->sheets), $this->signatures));
    }

    public function faces(): int
    {
        return 2 * count($this->leaves());
    }

    /** Faces one can write on; halves of two faces make one. */
    public function writing(): float
    {
        return array_sum(array_map(static fn (Leaf $leaf): int => $leaf->writing(), $this->leaves())) / 2;
    }

    /** The same in hundredths of all faces, 0 to 100; 0 of none. */
    public function writingInPercent(): int
    {
        return $this->faces() === 0 ? 0 : (int) round(100 * $this->writing() / $this->faces());
    }

    /** Pressed flat, nothing sewn. */
    public function pressed(): Length
    {
        return Length::zero()->plus(...array_map(static fn (Signature $signature): Length => $signature->thickness(), $this->signatures));
    }

    /** At the spine, sewn: thread and folds make it about a quarter thicker until the pages are filled (common practice). */
    public function sewn(): Length
    {
        return $this->pressed()->portion(5, 4);
    }

    /**
     * When the pages are filled, never less than sewn.
     *
     * @param Length $leaf a leaf with what is put on it, as the maker reckons
     */
    public function filled(Length $leaf): Length
    {
        return Length::longest($this->sewn(), $leaf->times(count($this->leaves())));
    }

    /** In grams, without thread and cover. */
    public function weight(): float
    {
        $grams = 0.0;
        foreach ($this->signatures as $signature) {
            foreach ($signature->sheets as $sheet) {
                $size = $sheet->meeting->blank;
                $area = $size->width->inMillimetres() * $size->height->inMillimetres() / 1_000_000;
                $grams += $sheet->meeting->paper->stock->grammage->inGrams() * $area;
            }
        }

        return $grams;
    }

    /**
     * What is broken anywhere, also where one signature follows the other, and dictionaries beyond one a signature.
     *
     * @return list<Broken>
     */
    public function broken(): array
    {
        $broken = [];
        $costs = new OrderCost;
        $before = 0;
        $last = null;
        foreach ($this->signatures as $signature) {
            $leaves = $signature->leaves();
            foreach (OrderRule::cases() as $rule) {
                if ($last !== null && $leaves !== [] && $rule->isBrokenBy($last, $leaves[0])) {
                    $broken[] = new Broken($rule, $before);
                }
            }
            array_push($broken, ...$costs->broken($signature, $before));
            $before += 2 * count($leaves);
            $last = $leaves === [] ? $last : $leaves[array_key_last($leaves)];
        }

        return $broken;
    }

    /** @return list<int> numbers of signatures, from 1, with more than one sheet like a dictionary */
    public function tooManyReferences(): array
    {
        $numbers = [];
        foreach ($this->signatures as $index => $signature) {
            $found = array_filter($signature->sheets, static fn (Sheet $sheet): bool => $sheet->meeting->paper->isReference);
            if (count($found) > 1) {
                $numbers[] = $index + 1;
            }
        }

        return $numbers;
    }
}

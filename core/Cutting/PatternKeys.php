<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Names the sheets of a plan by what they are: paper, size of the sheet, and how it is cut. The same sheet has the same name in every
 * plan, however the pieces are lettered and in whatever order it comes; sheets that are cut alike at different times are numbered.
 */
final readonly class PatternKeys
{
    /** @param string $paper what the paper is known by */
    public function __construct(private string $paper)
    {
    }

    /** Those that have a name keep it. */
    public function name(CutPlan $plan): CutPlan
    {
        $taken = array_filter(array_map(static fn (SheetPattern $pattern): string => $pattern->key, $plan->patterns));
        $named = [];
        foreach ($plan->patterns as $pattern) {
            $key = $pattern->key;
            for ($number = 1; $key === '' || ($pattern->key === '' && in_array($key, $taken, true)); $number++) {
                $key = "cut-{$this->mark($pattern)}-{$number}";
            }
            $taken[] = $key;
            $named[] = $pattern->named($key);
        }

        return $plan->withPatterns($named);
    }

    private function mark(SheetPattern $pattern): string
    {
        $sheet = $pattern->supply->sheet;

        return substr(
            hash(
                'sha256',
                implode(
                    '|',
                    [
                        $this->paper,
                        $sheet->width->ticks,
                        $sheet->height->ticks,
                        $pattern->supply->selvage->ticks,
                        $this->shape($pattern->tree),
                    ],
                ),
            ),
            0,
            12,
        );
    }

    private function shape(Piece $piece): string
    {
        return match (true) {
            $piece instanceof Cut
                => "({$piece->along->value}{$piece->at->ticks}{$this->shape($piece->first)}{$this->shape($piece->second)})",
            $piece instanceof Blank => 'b',
            default => 'o',
        };
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Folding\CreasePattern;
use Ephemeron\Folding\Folder;
use Ephemeron\Folding\PageMap;
use Ephemeron\Format\FoldReader;
use Ephemeron\Format\FoldWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Format\PatternDxf;
use Ephemeron\Format\PatternSvg;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Free bases with any lines on them: nothing breaks, every score turns its panels rigidly, and the pattern goes out and comes back. */
final class RandomPatternsTest extends TestCase
{
    use Designs;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 120; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_any_pattern_is_planned_folded_and_written(int $seed): void
    {
        $parameters = $this->parameters(new \Random\Randomizer(new \Random\Engine\Mt19937($seed)));
        try {
            $plan = $this->plan('free-base', ['parameters' => $parameters]);
        } catch (InvalidDesign $refusal) {
            $this->assertArrayHasKey('parameters.lines', $refusal->errors, 'Only what a line takes away can be too much.');

            return;
        }
        $part = $plan->blueprint->part('base');
        $pattern = CreasePattern::of($part);
        $folded = (new Folder)->fold($pattern);
        $this->assertCount(count($pattern->faces), $folded->places);
        $sorted = $folded->layers;
        sort($sorted);
        $this->assertSame(array_keys($pattern->faces), $sorted, 'every panel is one layer');
        foreach ($folded->moves as $move) {
            foreach ($pattern->faces as $face => $panel) {
                $this->assertRigid(
                    $pattern->outline($face),
                    array_map(static fn (array $corner): array => $move->places[$face]->apply(...$corner), $pattern->outline($face)),
                );
            }
        }
        $this->assertNotSame('', (new PatternSvg)->draw($part)->file().(new PatternDxf)->draw($part)->file());
        PageMap::of($plan->blueprint, $plan->design->materials);
        $this->assertComesBack($pattern, (new FoldWriter)->write($folded, 'Base', $part->size->height->ticks));
    }

    public function test_where_a_slanted_score_crosses_another_it_turns_about_one_line(): void
    {
        // Their crossing goes to the nearest tick; each half alone would have a slope of its own.
        $part = $this->plan(
            'free-base',
            ['parameters' => ['columns' => '7', 'rows' => '5', 'cut-away' => '',
                'lines' => "valley: 0 × 1 to 7 × 4\nvalley: 3 × 0 to 4 × 5"]],
        )->blueprint->part('base');
        $pattern = CreasePattern::of($part);
        $lines = [];
        foreach ($pattern->hinges() as $edge) {
            $ends = [[$edge->line->from->x->ticks, $edge->line->from->y->ticks], [$edge->line->to->x->ticks, $edge->line->to->y->ticks]];
            sort($ends);
            $lines[] = $ends;
        }
        $this->assertCount(4, $lines);
        $this->assertCount(2, array_unique($lines, SORT_REGULAR));
        $this->assertStringContainsString(
            'the angles between them',
            (new Folder)->fold($pattern)->problems[0],
            'two lines that cross aslant do not fold flat',
        );
    }

    public function test_three_folds_through_a_point_at_equal_angles_are_judged_exactly(): void
    {
        // By hand: mirrored about the upright line, alternate angles are equal; six scores, four one way and two the other, as Kawasaki
        // and Maekawa want it.
        $lines = "mountain: 4 × 0 to 4 × 4\nmountain: 4 × 4 to 4 × 8\nvalley: 0 × 1 to 4 × 4\nvalley: 4 × 4 to 8 × 1\n"
            ."mountain: 4 × 4 to 0 × 7\nmountain: 4 × 4 to 8 × 7";
        $pattern = CreasePattern::of(
            $this->plan(
                'free-base',
                ['parameters' => ['columns' => '8', 'rows' => '8', 'cut-away' => '', 'lines' => $lines]],
            )->blueprint->part('base'),
        );
        $this->assertStringNotContainsString('the angles between them', implode(' ', (new Folder)->fold($pattern)->problems));
        $off = CreasePattern::of(
            $this->plan(
                'free-base',
                ['parameters' => ['columns' => '8', 'rows' => '8', 'cut-away' => '',
                    'lines' => str_replace('to 8 × 7', 'to 8 × 7.001', $lines)]],
            )->blueprint->part('base'),
        );
        $this->assertStringContainsString(
            'the angles between them',
            implode(' ', (new Folder)->fold($off)->problems),
            'a thousandth of an inch off',
        );
    }

    public function test_a_window_is_no_panel_and_its_panel_stays(): void
    {
        $pattern = CreasePattern::of(
            $this->plan(
                'free-base',
                ['parameters' => ['columns' => '6 + 6', 'rows' => '6', 'cut-away' => '',
                    'lines' => 'cut away: 2 × 2 to 4 × 2 to 4 × 4 to 2 × 4']],
            )->blueprint->part('base'),
        );
        $this->assertSame(['c1-r1', 'c2-r1'], array_map(static fn ($face): string => $face->panel, $pattern->faces));
        $window = array_filter(
            $pattern->edges,
            static fn ($edge): bool => $edge->assignment->value === 'B' && $edge->faces === [0]
                && $edge->line->length()->ticks === 2 * 8128,
        );
        $this->assertCount(4, $window);
        $this->assertCount(1, $pattern->windows(0));
        $this->assertSame(32 * 8128 ** 2, $pattern->faces[0]->area, '6 × 6 less 2 × 2, in square ticks');
        $this->assertSame([], $pattern->windows(1));
    }

    public function test_a_closed_line_of_scores_inside_a_panel_is_a_panel_of_its_own(): void
    {
        $lines = "valley: 2 × 2 to 4 × 2\nvalley: 4 × 2 to 4 × 4\nvalley: 4 × 4 to 2 × 4\nvalley: 2 × 4 to 2 × 2";
        $pattern = CreasePattern::of(
            $this->plan(
                'free-base',
                ['parameters' => ['columns' => '6', 'rows' => '6', 'cut-away' => '', 'lines' => $lines]],
            )->blueprint->part('base'),
        );
        $this->assertCount(2, $pattern->faces);
        $this->assertCount(4, $pattern->hinges());
        $this->assertNotSame([], (new Folder)->fold($pattern)->problems, 'a box does not lie flat');
    }

    public function test_a_slit_inside_a_panel_does_not_make_a_path_of_the_panels(): void
    {
        // The corner first, then the narrow panel under, then both over: from the left on the first panel would lie across the corner's
        // score.
        $folded = (new Folder)->fold(
            CreasePattern::of(
                $this->plan(
                    'free-base',
                    ['parameters' => ['columns' => '4 + 4 ^ 3', 'rows' => '6', 'cut-away' => '',
                        'lines' => "valley: 9 × 0 to 11 × 2\nslit: 5 × 4 to 7 × 4"]],
                )->blueprint->part('base'),
            ),
        );
        $this->assertSame([], $folded->problems);
        $this->assertCount(3, $folded->moves);
        $this->assertCount(1, $folded->moves[0]->moving, 'the corner');
    }

    public function test_slanted_folds_beyond_what_can_be_told_exactly_are_said_not_thrown(): void
    {
        $lines = implode(
            "\n",
            array_map(static fn (int $k): string => "valley: {$k}.013 × 0 to ".($k + 1).'.'.(100 + 7 * $k * $k).' × 7', range(1, 9)),
        );
        $folded = (new Folder)->fold(
            CreasePattern::of(
                $this->plan(
                    'free-base',
                    ['parameters' => ['columns' => '12', 'rows' => '7', 'cut-away' => '', 'lines' => $lines]],
                )->blueprint->part('base'),
            ),
        );
        $this->assertSame(['So many slanted folds on top of each other cannot be told exactly.'], $folded->problems);
        $this->assertSame([], $folded->moves);
    }

    /**
     * @param non-empty-list<array{int, int}> $sheet
     * @param non-empty-list<array{float, float, float}> $table
     */
    private function assertRigid(array $sheet, array $table): void
    {
        foreach ($sheet as $index => [$x, $y]) {
            [$px, $py, $pz] = $table[$index];
            [$ox, $oy] = $sheet[0];
            [$qx, $qy, $qz] = $table[0];
            $this->assertEqualsWithDelta(hypot($x - $ox, $y - $oy), sqrt(($px - $qx) ** 2 + ($py - $qy) ** 2 + ($pz - $qz) ** 2), 0.01);
        }
    }

    private function assertComesBack(CreasePattern $pattern, string $json): void
    {
        try {
            $read = (new FoldReader)->read($json);
        } catch (InvalidDesign $refusal) {
            $this->assertStringContainsString(
                'more than one sheet',
                $refusal->getMessage(),
                'Slits and what is cut away may take it into pieces; nothing else is refused.',
            );

            return;
        }
        $again = CreasePattern::of(
            $this->plan('free-base', ['unit' => $read['unit'], 'parameters' => $read['parameters']])->blueprint->part('base'),
        );
        $this->assertCount(count($pattern->faces), $again->faces);
        foreach (['B', 'M', 'V', 'C'] as $assignment) {
            $this->assertEqualsWithDelta(
                $this->lengthOf($pattern, $assignment),
                $this->lengthOf($again, $assignment),
                40.0,
                "all of {$assignment}, in ticks",
            );
        }
    }

    private function lengthOf(CreasePattern $pattern, string $assignment): float
    {
        $length = 0.0;
        foreach ($pattern->edges as $edge) {
            if ($edge->assignment->value === $assignment) {
                [[$ax, $ay], [$bx, $by]] = [$pattern->vertices[$edge->from], $pattern->vertices[$edge->to]];
                $length += hypot($bx - $ax, $by - $ay);
            }
        }

        return $length;
    }

    /** @return array<string, string> */
    private function parameters(\Random\Randomizer $chance): array
    {
        $panels = function () use ($chance): array {
            $lengths = array_map(static fn (): int => $chance->getInt(4, 16), range(1, $chance->getInt(1, 4)));
            $text = implode(
                '',
                array_map(
                    static fn (int $index, int $length): string
                        => ($index === 0 ? '' : [' + ', ' ^ ', ' | '][$chance->getInt(0, 2)])."{$length}/4",
                    array_keys($lengths),
                    $lengths,
                ),
            );

            return [$text, array_sum($lengths)];
        };
        [$columns, $width] = $panels();
        [$rows, $height] = $panels();
        $lines = [];
        for ($k = $chance->getInt(0, 5); $k > 0; $k--) {
            $kind = ['valley', 'mountain', 'slit', 'cut away'][$chance->getInt(0, 3)];
            $places = [];
            while (count($places) < ($kind === 'cut away' ? 3 : 2)) {
                $places[] = "{$chance->getInt(0, $width)}/4 × {$chance->getInt(0, $height)}/4";
            }
            $lines[] = "{$kind}: ".implode(' to ', $places);
        }

        return ['columns' => $columns, 'rows' => $rows, 'cut-away' => '', 'pieces' => '', 'lines' => implode("\n", $lines)];
    }
}

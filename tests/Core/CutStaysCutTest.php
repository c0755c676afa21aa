<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\AsCut;
use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\CutPiece;
use Ephemeron\Cutting\CutWork;
use Ephemeron\Cutting\Fate;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Design\Design;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Format\CutWorkJson;
use Ephemeron\Format\DesignReader;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is cut stays as it was cut, whatever is changed afterwards. */
final class CutStaysCutTest extends TestCase
{
    use Designs;

    public function test_a_sheet_is_known_by_what_it_is(): void
    {
        $keys = fn (WorkPlan $plan): array => array_merge(
            ...array_map(
                fn (StockPlan $stock): array => array_map(static fn (SheetPattern $sheet): string => $sheet->key, $stock->cuts->patterns),
                $plan->stocks,
            ),
        );
        $album = $this->design('nested-gusset-album');
        $before = $keys($this->plans($album));
        $this->assertSame($before, array_unique($before));
        $this->assertSame($before, $keys($this->plans($album)), 'the same plan, the same keys');
        // A ribbon less changes no sheet; a mat of another paper changes only that paper's.
        $this->assertSame($before, $keys($this->plans($this->changed($album, ['parameters.ribbon' => 'false']))));
        $other = $keys($this->plans($this->changed($album, ['materials.mat-top.name' => 'Meteor trail'])));
        $this->assertNotSame($before, $other);
        $this->assertGreaterThan(count($before) / 2, count(array_intersect($before, $other)));
    }

    public function test_a_plan_survives_its_json(): void
    {
        $json = new CutWorkJson;
        foreach (['nested-gusset-album', 'free-base', 'coil-album', 'pocket-flip-book'] as $structure) {
            foreach ($this->plan(
                $structure,
                ['materials' => ['mat-base' => ['selvage' => '1/2', 'direction' => 'a',
                    'leftovers' => [['width' => '5', 'height' => '9', 'count' => 2]]]]],
            )->stocks as $stock) {
                $work = $this->work($stock, ['cut-x-1/page-1/mat-1' => 2]);
                $this->assertEquals($work, $json->read($json->write($work)));
                $this->assertEquals($stock->cuts, $json->planFrom($json->writePlan($stock->cuts)));
            }
        }
        $work = $this->work($this->plan('tag-clutch', ['materials' => ['structure-card' => ['price' => '0.85']]])->stocks[0], []);
        $once = str_replace('"mills":850', '"cents":85', $json->write($work));
        $this->assertNotSame($json->write($work), $once);
        $this->assertEquals($work, $json->read($once), 'once prices were kept in hundredths');
        $this->expectException(\UnexpectedValueException::class);
        $json->read('{"format": "something else"}');
    }

    /** The album of four sheets, its first mats cut to the end, then a pocket is put in: other letters, the same cuts. */
    public function test_the_plan_stays_while_the_same_pieces_are_wanted(): void
    {
        $album = $this->design('nested-gusset-album');
        $plan = $this->plans($album);
        $stock = $this->paper($plan, 'mat-base');
        $cut = $this->cut($stock, 1, 1);
        $again = $this->paper(Workshop::ofTheHouse()->plan($album, cut: $cut), 'mat-base');
        $this->assertEquals($stock->cuts, $again->cuts);
        $this->assertSame([], $again->pieces);

        $relettered = $this->changed(
            $album,
            ['parameters.spine-strip' => 'false', 'things.page-3/tag-1' => ['on' => 'page-3', 'kind' => 'tag']],
        );
        $after = Workshop::ofTheHouse()->plan($relettered, cut: $cut);
        $this->replay($after);
        $this->assertSame($this->keys($stock), $this->keys($this->paper($after, 'mat-base')));
    }

    /** Mats of 4⅞ × 8⅜ are cut; the leaf becomes ½ in narrower: those are trimmed to 4⅜ and none is cut again. */
    public function test_pieces_that_are_larger_now_are_trimmed_with_the_fence_setting(): void
    {
        $album = $this->design('nested-gusset-album');
        $stock = $this->paper($this->plans($album), 'mat-base');
        $cut = $this->cut($stock, 1, 99);
        $narrower = Workshop::ofTheHouse()->plan($this->changed($album, ['parameters.leaf-width' => '4 1/2']), cut: $cut);
        $this->replay($narrower);
        $mats = $this->paper($narrower, 'mat-base');
        $fates = $this->fates($mats);
        $this->assertSame([Fate::Trim], array_values(array_unique(array_column($fates, 'fate'), SORT_REGULAR)));
        $this->assertSame(array_sum($stock->cuts->patterns[0]->gives), array_sum(array_column($fates, 'count')));
        $trims = array_values(array_filter($mats->cuts->patterns, static fn (SheetPattern $sheet): bool => $sheet->supply->isCutBefore()));
        $this->assertSame('4 3/8 in', $narrower->notation()->exact($trims[0]->steps()[0]->fence));
        $this->assertSame($stock->cuts->sheets(), $mats->cuts->sheets());
        $titles = implode("\n", array_map(static fn ($step): string => $step->title, $narrower->steps));
        $this->assertStringContainsString('that were cut before', $titles);
    }

    /** The leaf becomes ½ in wider: what is cut is too small, is kept, and cut again. */
    public function test_pieces_that_are_too_small_now_are_kept_and_cut_again(): void
    {
        $album = $this->design('nested-gusset-album');
        $stock = $this->paper($this->plans($album), 'mat-base');
        $cut = $this->cut($stock, 1, 99);
        $wider = Workshop::ofTheHouse()->plan($this->changed($album, ['parameters.leaf-width' => '5 1/2']), cut: $cut);
        $this->replay($wider);
        $mats = $this->paper($wider, 'mat-base');
        $this->assertSame([Fate::Wrong], array_values(array_unique(array_column($this->fates($mats), 'fate'), SORT_REGULAR)));
        $this->assertTrue($mats->cuts->patterns[0]->isCut);
        $this->assertSame([], $mats->cuts->patterns[0]->gives);
        $this->assertGreaterThan($stock->cuts->sheets(), $mats->cuts->sheets());
    }

    public function test_pieces_that_are_still_right_are_not_cut_again(): void
    {
        $album = $this->design('nested-gusset-album');
        $stock = $this->paper($this->plans($album), 'mat-base');
        $cut = $this->cut($stock, 1, 99);
        // One sheet fewer: of sixteen mats twelve are wanted.
        $shorter = Workshop::ofTheHouse()->plan($this->changed($album, ['parameters.sheets' => '3']), cut: $cut);
        $this->replay($shorter);
        $fates = $this->fates($this->paper($shorter, 'mat-base'));
        $right = array_sum(array_column(array_filter($fates, static fn (CutPiece $piece): bool => $piece->fate === Fate::Right), 'count'));
        $this->assertSame(12, $right);
    }

    /** After two of its cuts a sheet hangs together still: what has not come off is cut another way. */
    public function test_a_sheet_that_is_begun_is_told_as_far_as_it_was_cut(): void
    {
        $album = $this->design('nested-gusset-album');
        $stock = $this->paper($this->plans($album), 'mat-base');
        $cut = $this->cut($stock, 1, 1);
        $wider = Workshop::ofTheHouse()->plan($this->changed($album, ['parameters.leaf-width' => '5 1/2']), cut: $cut);
        $this->replay($wider);
        $begun = $this->paper($wider, 'mat-base')->cuts->patterns[0];
        $this->assertSame([$stock->cuts->patterns[0]->key, 1], [$begun->key, count($begun->steps())]);
        $this->assertSame(
            $stock->cuts->patterns[0]->steps()[0]->fence->ticks,
            $begun->steps()[0]->fence->ticks,
            'nothing is ticked that was not done',
        );
    }

    /** Two of a piece are spoiled: everything else stays, and two are cut anew, from what is left over first. */
    public function test_spoiled_pieces_come_from_leftovers_first(): void
    {
        $album = $this->design('nested-gusset-album');
        $stock = $this->paper($this->plans($album), 'structure-card');
        $sheet = $stock->cuts->patterns[0];
        $letter = (string) array_key_first($sheet->gives);
        $demand = array_values(array_filter($stock->demands, static fn ($each): bool => $each->key === $letter))[0];
        $cut = $this->cut($stock, 99, 99);
        $spoiled = new AsCut($cut->works, $cut->done, ["{$sheet->key}/{$demand->piece}" => 1]);
        $after = Workshop::ofTheHouse()->plan($album, cut: $spoiled);
        $this->replay($after);
        $this->assertSame(
            $stock->cuts->sheets() + 1,
            $this->paper($after, 'structure-card')->cuts->sheets(),
            'no leftover is large enough',
        );

        $supply = new \Ephemeron\Cutting\Supply(
            'Kraft dusk',
            \Ephemeron\Measure\Size::inches(12, 12),
            \Ephemeron\Measure\Length::zero(),
            1,
            isLeftover: true,
            key: 'kept',
        );
        $withRest = new AsCut($cut->works, $cut->done, $spoiled->spoiled, static fn (): array => [$stock->stock->identity() => [$supply]]);
        $saved = $this->paper(Workshop::ofTheHouse()->plan($album, cut: $withRest), 'structure-card');
        $this->assertSame($stock->cuts->sheets(), $saved->cuts->sheets());
        $this->assertSame(1, $saved->cuts->leftovers());
    }

    public function test_a_paper_that_was_given_up_still_tells_what_was_cut(): void
    {
        $album = $this->design('nested-gusset-album');
        $stock = $this->paper($this->plans($album), 'mat-top');
        $cut = $this->cut($stock, 1, 99);
        $after = Workshop::ofTheHouse()->plan($this->changed($album, ['materials.mat-top.name' => 'Red torch']), cut: $cut);
        $given = $after->stocks[count($after->stocks) - 1];
        $this->assertSame([[], 'First quarter'], [$given->roles, $given->stock->name]);
        $this->assertSame([Fate::Wrong], array_values(array_unique(array_column($given->pieces, 'fate'), SORT_REGULAR)));
        $this->replay($after);
    }

    /** Random books, cut so far, changed, cut further, changed again: the trimmer can always do it, and every piece is there once. */
    #[TestWith(['nested-gusset-album'])]
    #[TestWith(['pocket-flip-book'])]
    #[TestWith(['board-folder'])]
    #[TestWith(['mitred-tab-album'])]
    #[TestWith(['tag-clutch'])]
    public function test_cut_and_change_by_turns(string $structure): void
    {
        mt_srand(crc32($structure));
        $json = new CutWorkJson;
        for ($round = 0; $round < 6; $round++) {
            $design = $this->design($structure);
            $cut = AsCut::nothing();
            $spoiled = [];
            for ($turn = 0; $turn < 3; $turn++) {
                $plan = Workshop::ofTheHouse()->plan($design, cut: $cut);
                $this->replay($plan);
                [$works, $done] = [$cut->works, $cut->done];
                foreach ($plan->stocks as $stock) {
                    $new = array_values(
                        array_filter($stock->cuts->patterns, static fn (SheetPattern $sheet): bool => ! isset($done[$sheet->key])),
                    );
                    if ($new === [] || mt_rand(0, 2) === 0) {
                        continue;
                    }
                    $works[] = $json->read($json->write($this->work($stock, $spoiled)));
                    $sheet = $new[mt_rand(0, count($new) - 1)];
                    $done[$sheet->key] = mt_rand($sheet->steps() === [] ? 0 : 1, count($sheet->steps()));
                    if (mt_rand(0, 2) === 0 && $sheet->gives !== [] && $done[$sheet->key] === count($sheet->steps())) {
                        $letter = (string) array_key_first($sheet->gives);
                        foreach ($stock->demands as $demand) {
                            $spoiled += $demand->key === $letter ? ["{$sheet->key}/{$demand->piece}" => 1] : [];
                        }
                    }
                }
                $cut = new AsCut($works, $done, $spoiled);
                $sizing = $plan->structure->about()->sizing;
                $key = [...$sizing->broader, ...$sizing->taller][mt_rand(0, count($sizing->broader) + count($sizing->taller) - 1)];
                $by = \Ephemeron\Measure\Length::ofTicks(mt_rand(-4, 4) * \Ephemeron\Measure\Length::inches(0, 1, 8)->ticks);
                try {
                    $design = $this->changed(
                        $design,
                        ["parameters.{$key}" => $design->notation()->exact($design->parameters->length($key)->plus($by))],
                    );
                } catch (\Ephemeron\Format\InvalidDesign) {
                    continue;
                }
            }
            $this->replay(Workshop::ofTheHouse()->plan($design, cut: $cut));
        }
    }

    private function plans(Design $design): WorkPlan
    {
        return Workshop::ofTheHouse()->plan($design);
    }

    /** @param array<string, mixed> $changes */
    private function changed(Design $design, array $changes): Design
    {
        return DesignReader::ofTheHouse()->changed($design, $changes);
    }

    private function paper(WorkPlan $plan, string $role): StockPlan
    {
        foreach ($plan->stocks as $stock) {
            if (in_array($role, $stock->roles, true)) {
                return $stock;
            }
        }
        $this->fail("No paper is {$role}.");
    }

    /** @param array<string, int> $spoiled */
    private function work(StockPlan $stock, array $spoiled = []): CutWork
    {
        return new CutWork($stock->stock->identity(), $stock->stock->name, $stock->roles, $stock->demands, $stock->cuts, $spoiled);
    }

    /** So many of its sheets, so many cuts of each, at the most. */
    private function cut(StockPlan $stock, int $sheets, int $cuts): AsCut
    {
        $done = [];
        foreach (array_slice($stock->cuts->patterns, 0, $sheets) as $sheet) {
            $done[$sheet->key] = min($cuts, count($sheet->steps()));
        }

        return new AsCut([$this->work($stock)], $done);
    }

    /** @return list<CutPiece> */
    private function fates(StockPlan $stock): array
    {
        $this->assertNotSame([], $stock->pieces);

        return $stock->pieces;
    }

    /** @return list<string> */
    private function keys(StockPlan $stock): array
    {
        return array_map(static fn (SheetPattern $sheet): string => $sheet->key, $stock->cuts->patterns);
    }

    /**
     * The simulated trimmer cuts it, every piece that is asked for is there or said to be missing, and none comes from a piece that is
     * not there.
     */
    private function replay(WorkPlan $plan): void
    {
        $bench = new TrimmerBench($plan->trimmer());
        foreach ($plan->stocks as $stock) {
            $came = $bench->replay($stock->cuts, $stock->demands);
            foreach ($stock->demands as $demand) {
                $this->assertSame($demand->quantity, $came[$demand->key] + ($stock->cuts->missing[$demand->key] ?? 0));
            }
            foreach ($stock->cuts->patterns as $sheet) {
                foreach ($sheet->blanks() as $blank) {
                    $this->assertInstanceOf(Blank::class, $blank);
                }
            }
        }
        $this->assertSame(count($plan->steps), count(array_unique(array_map(static fn ($step): string => $step->key, $plan->steps))));
    }
}

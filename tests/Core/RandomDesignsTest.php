<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Format\CutListCsv;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Format\PlanJson;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Structure\Catalogue;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever is inside the parameters' ranges must be laid out, cut, scored, judged, written and read back. */
final class RandomDesignsTest extends TestCase
{
    use AnyDesign;
    use Designs;

    /** @return iterable<string, array{string, int}> */
    public static function seeds(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            for ($seed = 1; $seed <= 8; $seed++) {
                yield "{$structure}, seed {$seed}" => [$structure, $seed];
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_any_design_within_the_ranges_works(string $structure, int $seed): void
    {
        mt_srand($seed);
        $design = $this->buildable($structure);
        $plan = Workshop::ofTheHouse()->plan($design);

        foreach ($plan->stocks as $stock) {
            (new TrimmerBench(Trimmer::usual($design->tools->grid)))->replay($stock->cuts, $stock->demands);
            foreach ($stock->cuts->patterns as $pattern) {
                $this->assertNotFalse(
                    simplexml_load_string((new CutSheetsSvg)->draw($pattern, $plan->notation(), $stock->stock->name)->file()),
                );
            }
        }
        $demanded = array_sum(
            array_map(
                static fn ($stock): int => array_sum(array_map(static fn ($demand): int => $demand->quantity, $stock->demands)),
                $plan->stocks,
            ),
        );
        $this->assertSame($plan->blueprint->pieces(), $demanded, 'every piece is asked of some paper');
        foreach ($plan->blueprint->parts as $part) {
            $this->assertSoundPart($part);
        }
        $this->assertSoundReferences($plan);
        $this->assertSame(range(1, count($plan->steps)), array_map(static fn ($step): int => $step->number, $plan->steps));
        $this->assertEquals($design, DesignReader::ofTheHouse()->fromJson(DesignWriter::ofTheHouse()->toJson($design)));
        $this->assertJson(json_encode((new PlanJson)->toArray($plan), JSON_THROW_ON_ERROR));
        $this->assertStringContainsString('section,letter', (new CutListCsv)->write($plan));
    }

    #[DataProvider('oneOfEach')]
    public function test_the_thorough_planner_cuts_any_design_too_and_never_with_more_sheets(string $structure): void
    {
        mt_srand(99);
        $design = $this->buildable($structure);
        $quick = Workshop::ofTheHouse()->plan($design)->stocks;
        $thorough = Workshop::ofTheHouse()->with(ProvenPlanner::thorough(0.3))->plan($design)->stocks;
        foreach ($thorough as $index => $stock) {
            (new TrimmerBench(Trimmer::usual($design->tools->grid)))->replay($stock->cuts, $stock->demands);
            $this->addToAssertionCount(1);
            if ($stock->cuts->missing !== []) {
                continue;
            }
            $this->assertLessThanOrEqual($quick[$index]->cuts->sheets(), $stock->cuts->sheets());
            $this->assertGreaterThanOrEqual($quick[$index]->cuts->lowerBound, $stock->cuts->sheets(), 'No plan is better than a bound.');
        }
    }

    /** @return iterable<string, array{string}> */
    public static function oneOfEach(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            yield $structure => [$structure];
        }
    }

    /** Whatever is proposed against a finding helps against that finding, and is a change that is taken. */
    #[DataProvider('oneOfEach')]
    public function test_mends_mend(string $structure): void
    {
        foreach ([11, 12, 13, 14, 15, 16] as $seed) {
            mt_srand($seed);
            $design = $this->buildable($structure);
            $plan = Workshop::ofTheHouse()->plan($design);
            foreach ($plan->report->findings as $finding) {
                if ($finding->mend === null) {
                    continue;
                }
                try {
                    $mended = DesignReader::ofTheHouse()->changed($design, $finding->mend->changes);
                } catch (InvalidDesign $refusal) {
                    $this->fail(
                        "{$structure}, seed {$seed}: “{$finding->mend->label}” against “{$finding->text}” "
                            ."is refused: {$refusal->getMessage()}",
                    );
                }
                $left = array_filter(
                    Workshop::ofTheHouse()->plan($mended)->report->of($finding->kind),
                    static fn ($each): bool => [$each->text, $each->face] === [$finding->text, $finding->face],
                );
                $this->assertSame([], $left, "{$structure}, seed {$seed}: “{$finding->mend->label}” leaves it as it was");
            }
        }
        $this->addToAssertionCount(1);
    }

    private function assertSoundPart(Part $part): void
    {
        $this->assertTrue($part->size->isPositive(), $part->name);
        $this->assertGreaterThan(0, $part->quantity);
        $whole = Rectangle::whole($part->size);
        foreach ($part->panels as $panel) {
            $this->assertTrue($panel->area->size()->isPositive() && $whole->contains($panel->area), "{$part->name}, panel {$panel->key}");
        }
        foreach ($part->creases as $crease) {
            if ($crease->along() !== null) {
                $this->assertTrue($crease->at()->isPositive(), $part->name);
                $this->assertTrue($crease->at()->isLessThan($part->size->along($crease->along())), $part->name);
            }
        }
        foreach ([
            ...array_map(static fn ($zone) => $zone->area, $part->glueZones),
            ...array_map(static fn ($area) => $area->bounds(), $part->cutAways),
        ] as $area) {
            $this->assertTrue($whole->contains($area), "{$part->name}: glue and what is cut away lie on the piece");
        }
    }

    private function assertSoundReferences(WorkPlan $plan): void
    {
        $blueprint = $plan->blueprint;
        foreach ($blueprint->all(Joint::class) as $joint) {
            $this->assertArrayHasKey($joint->from->part, $blueprint->parts);
            $this->assertArrayHasKey($joint->onto->part, $blueprint->parts);
            $this->assertArrayHasKey($joint->task, $blueprint->tasks);
            $blueprint->part($joint->from->part)->panel($joint->from->panel);
            $blueprint->part($joint->onto->part)->panel($joint->onto->panel);
        }
        foreach ($blueprint->faces as $face) {
            $blueprint->part($face->paper->part)->panel($face->paper->panel);
            $this->assertTrue($face->size->isPositive(), $face->key);
        }
        foreach ($blueprint->all(Flap::class) as $flap) {
            $this->assertArrayHasKey($flap->over, $blueprint->faces);
            $this->assertArrayHasKey($flap->front, $blueprint->faces);
            $this->assertArrayHasKey($flap->inside, $blueprint->faces);
        }
        foreach ($blueprint->tasks as $task) {
            foreach ($task->parts as $part) {
                $this->assertArrayHasKey($part, $blueprint->parts, $task->key);
            }
        }
        foreach ($blueprint->all(Filling::class) as $filling) {
            $this->assertArrayHasKey($filling->part, $blueprint->parts);
            $this->assertNotNull($blueprint->find(Pouch::class, $filling->pouch));
        }
        foreach ($plan->report->findings as $finding) {
            $this->assertNotSame('', $finding->text);
            $this->assertTrue($finding->part === null || isset($blueprint->parts[$finding->part]));
            $this->assertTrue($finding->face === null || isset($blueprint->faces[$finding->face]));
        }
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\ParameterKind;
use Ephemeron\Format\CutListCsv;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\PlanJson;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever is inside the parameters' ranges must be laid out, cut, scored, judged, written and read back. */
final class RandomDesignsTest extends TestCase
{
    use Designs;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_any_design_within_the_ranges_works(int $seed): void
    {
        mt_srand($seed);
        $design = DesignReader::ofTheHouse()->fromArray($this->file());
        $plan = Workshop::ofTheHouse()->plan($design);

        foreach ($plan->stocks as $stock) {
            (new TrimmerBench(Trimmer::usual($design->grid)))->replay($stock->cuts, $stock->demands);
            foreach ($stock->cuts->patterns as $pattern) {
                $this->assertNotFalse(simplexml_load_string((new CutSheetsSvg)->draw($pattern, $plan->notation(), $stock->stock->name)->file()));
            }
        }
        $demanded = array_sum(array_map(static fn ($stock): int => array_sum(array_map(static fn ($demand): int => $demand->quantity, $stock->demands)), $plan->stocks));
        $this->assertSame($plan->blueprint->pieces(), $demanded, 'every piece is asked of some paper');

        foreach ($plan->blueprint->parts as $part) {
            $this->assertTrue($part->size->isPositive(), $part->name);
            $this->assertGreaterThan(0, $part->quantity);
            foreach ($part->creases as $crease) {
                $this->assertTrue($crease->at()->isPositive());
                $this->assertTrue($crease->at()->isLessThan($part->size->along($crease->along() ?? throw new \LogicException)));
            }
        }
        foreach ($plan->blueprint->joints as $joint) {
            $this->assertArrayHasKey($joint->from->part, $plan->blueprint->parts);
            $this->assertArrayHasKey($joint->onto->part, $plan->blueprint->parts);
            $this->assertArrayHasKey($joint->task, $plan->blueprint->tasks);
        }
        foreach ($plan->report->findings as $finding) {
            $this->assertNotSame('', $finding->text);
            $this->assertTrue($finding->part === null || isset($plan->blueprint->parts[$finding->part]));
            $this->assertTrue($finding->face === null || isset($plan->blueprint->faces[$finding->face]));
        }
        $this->assertSame(range(1, count($plan->steps)), array_map(static fn ($step): int => $step->number, $plan->steps));
        $this->assertEquals($design, DesignReader::ofTheHouse()->fromJson((new DesignWriter)->toJson($design)));
        $this->assertJson(json_encode((new PlanJson)->toArray($plan), JSON_THROW_ON_ERROR));
        $this->assertStringContainsString('section,letter', (new CutListCsv)->write($plan));
    }

    /** @return array<string, mixed> */
    private function file(): array
    {
        $structures = Catalogue::ofTheHouse()->all();
        $structure = $structures[mt_rand(0, count($structures) - 1)];
        $unit = mt_rand(0, 1) === 0 ? Unit::Inch : Unit::Centimetre;
        $parameters = [];
        foreach ($structure->parameters() as $parameter) {
            $parameters[$parameter->key] = $this->value($parameter, $unit);
        }
        $furniture = [];
        for ($i = mt_rand(0, 6); $i > 0; $i--) {
            $furniture[] = [
                'on' => 'page-'.mt_rand(1, 12),
                'kind' => mt_rand(0, 1) === 0 ? 'pocket' : 'photo-mat',
                'children' => mt_rand(0, 2) === 0 ? [['kind' => 'photo-mat', 'parameters' => ['photo' => '2x3']]] : [],
            ];
        }

        return [
            'format' => 'ephemeron-design',
            'version' => 1,
            'structure' => $structure->key(),
            'unit' => $unit->value,
            'scoring' => mt_rand(0, 1) === 0 ? 'turn' : 'absolute',
            'parameters' => $parameters,
            'mats' => ['school' => ['hairline', 'fine', 'frame', 'wide'][mt_rand(0, 3)], 'layers' => mt_rand(0, 2)],
            'furniture' => $furniture,
            'materials' => ['mat-base' => ['direction' => 'a', 'selvage' => '1/2 in'], 'mat-top' => ['count' => mt_rand(0, 5)]],
        ];
    }

    private function value(Parameter $parameter, Unit $unit): string|int|bool
    {
        if ($parameter->kind === ParameterKind::Length) {
            assert($parameter->minimum instanceof Length && $parameter->maximum instanceof Length);
            $ticks = mt_rand($parameter->minimum->ticks, min($parameter->maximum->ticks, 14 * Length::TICKS_PER_INCH));

            return Notation::usual($unit)->exact(Length::ofTicks($ticks));
        }

        return match ($parameter->kind) {
            ParameterKind::Count => mt_rand((int) $parameter->minimum, min(8, (int) $parameter->maximum)),
            ParameterKind::Flag => (bool) mt_rand(0, 1),
            default => (string) array_keys($parameter->choices)[mt_rand(0, count($parameter->choices) - 1)],
        };
    }
}

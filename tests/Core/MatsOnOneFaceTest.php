<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Fit\Severity;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\StockRole;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is done to the mats of one face: strips, two scraps, a small mat on a plain one, one picture over several pieces. */
final class MatsOnOneFaceTest extends TestCase
{
    use Designs;

    /**
     * Colour blocking of a 10 wide page as 2 | 6 | 2 (common practice, no published source): the mat is ¼ less, what is left 5¾.
     *
     * @param list<string> $expected
     */
    #[TestWith(['2 | rest | 2', '', ['2', '3¾', '2']])]
    #[TestWith(['2 | rest | 2', '1/4', ['2', '4¼', '2']])]
    #[TestWith(['rest; 2', '1/2', ['6¼', '2']])]
    #[TestWith(['1, 1, rest, 1', '1/4', ['1', '1', '5¼', '1']])]
    public function test_own_strips(string $widths, string $tuck, array $expected): void
    {
        $face = ['layers' => 1, 'widths' => $widths, ...($tuck === '' ? [] : ['tuck' => $tuck])];
        $joints = $this->mats($this->onPage($face));
        $this->assertSame($expected, array_map(fn (Joint $joint): string => $this->text($joint, 'width'), $joints));
        $across = $this->mats($this->onPage(['across' => true] + $face));
        $this->assertSame($expected, array_map(fn (Joint $joint): string => $this->text($joint, 'height'), $across));
        // What goes in under the others is glued down before them.
        $depths = array_map(static fn (Joint $joint): int => $joint->depth()->value, $joints);
        $rest = (int) array_search('rest', preg_split('~[|;,]\s*|\s+~', $widths, -1, PREG_SPLIT_NO_EMPTY) ?: [], true);
        $this->assertSame($tuck === '' ? 1 : 2, count(array_unique($depths)));
        $this->assertSame(min($depths), $depths[$rest]);
    }

    #[TestWith(['3¾ | rest | 3¾', ''])]
    #[TestWith(['3¾ | rest | 3 13/16', 'leave only 3⁄16'])]
    #[TestWith(['4 | rest | 4', 'leave nothing'])]
    public function test_strips_that_leave_less_than_a_quarter_are_told(string $widths, string $told): void
    {
        $plan = $this->onPage(['layers' => 1, 'widths' => $widths]);
        $found = $plan->report->of('strips-too-wide');
        $this->assertCount($told === '' ? 3 : 1, $this->mats($plan));
        $told === '' ? $this->assertSame([], $found) : $this->assertStringContainsString($told, $found[0]->text);
    }

    #[TestWith(['2'])]
    #[TestWith(['2 | 2'])]
    #[TestWith(['rest | rest'])]
    #[TestWith(['1/8 | rest'])]
    #[TestWith(['broad | rest'])]
    #[TestWith(['1 | 1 | 1 | rest | 1 | 1 | 1'])]
    public function test_bad_widths_are_refused_beside_their_field(string $widths): void
    {
        try {
            $this->onPage(['widths' => $widths]);
        } catch (InvalidDesign $error) {
            $this->assertSame(['mats.faces.page-1.widths'], array_keys($error->errors));

            return;
        }
        $this->fail("{$widths} was taken.");
    }

    /** 3 × 3 on 3½ × 3½ (common practice, no published source): ¼ shows, and the lower one is of plain card. */
    public function test_a_small_mat_on_a_plain_one(): void
    {
        $plan = $this->onPage(['layers' => 2, 'rim' => '1/4', 'plain' => true]);
        [$lower, $upper] = $this->mats($plan);
        $this->assertSame(['7¾', '7¼'], [$this->text($lower, 'width'), $this->text($upper, 'width')]);
        $this->assertSame(StockRole::InsertCard, $plan->blueprint->part($lower->from->part)->role);
        $this->assertSame(StockRole::MatTop, $plan->blueprint->part($upper->from->part)->role);
        $this->assertCount(1, $this->mats($this->onPage(['layers' => 2, 'rim' => '3 7/8'])), 'a rim that leaves nothing');
        $this->assertCount(2, $this->mats($this->onPage(['layers' => 2, 'rim' => '3 3/4'])));
    }

    /** Two scraps of 4¼ × 7¾ cover an 8 × 8 face, the lower one as a pocket (common practice, no published source). */
    #[TestWith([[], '4¼', '4¼'])]
    #[TestWith([['lap' => '1/2'], '4⅛', '4⅛'])]
    #[TestWith([['depth' => '3'], '5½', '3'])]
    public function test_two_scraps_cover_a_face(array $parameters, string $upper, string $lower): void
    {
        $plan = $this->onPage(['layers' => 1], ['furniture' => [
            ['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['style' => 'scraps', ...$parameters]],
        ]]);
        [$mat] = $this->mats($plan);
        $pocket = $plan->blueprint->part('page-1/pocket-1');
        $this->assertSame([$upper, '7¾'], [$this->text($mat, 'height'), $this->text($mat, 'width')]);
        $this->assertSame("7¾ × {$lower} in", Notation::usual(Unit::Inch)->size($pocket->size));
        $lap = $mat->area->overlap($plan->blueprint->on('page-1')[1]->area);
        $this->assertSame($parameters['lap'] ?? '3/4', str_replace(['¾', '½'], ['3/4', '1/2'], Notation::usual(Unit::Inch)->number(
            $lap->height() ?? $mat->area->height(),
        )));
        $this->assertSame([], array_filter($plan->report->findings, static fn ($finding): bool => $finding->severity === Severity::Stop && $finding->kind !== 'piece-too-large'));
    }

    /** A band and the mat behind it, two flaps that meet: neighbours on one sheet, beside or below each other. */
    #[TestWith([false])]
    #[TestWith([true])]
    public function test_one_picture_over_several_pieces(bool $isStacked): void
    {
        $picture = ['paper' => 'dew', 'picture' => 'moonrise', 'stacked' => $isStacked];
        $plan = $this->plan('mitred-tab-album', [
            'mats' => ['layers' => 1],
            'papers' => ['dew' => ['name' => 'Meteor trail', 'sheet' => '12x12', 'weight' => '160', 'count' => 4]],
            'furniture' => [['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['width' => '3', 'depth' => '3', 'notched' => 'no']]],
            'choices' => ['page-1' => $picture, 'page-1/pocket-1' => $picture],
        ]);
        $stock = $plan->stockOf('page-1/pocket-1');
        $this->assertSame('Meteor trail', $stock->name);
        $cuts = array_values(array_filter($plan->stocks, static fn ($each): bool => $each->stock->name === 'Meteor trail'))[0]->cuts;
        $this->assertCount(1, $cuts->patterns);
        $blanks = $cuts->patterns[0]->blanks();
        $this->assertCount(2, $blanks);
        [$one, $other] = [$blanks[0]->area(), $blanks[1]->area()];
        $touch = $isStacked
            ? $one->bottom()->equals($other->top()) || $other->bottom()->equals($one->top())
            : $one->right()->equals($other->left()) || $other->right()->equals($one->left());
        $turnedTouch = $isStacked
            ? $one->right()->equals($other->left()) || $other->right()->equals($one->left())
            : $one->bottom()->equals($other->top()) || $other->bottom()->equals($one->top());
        $this->assertTrue($blanks[0]->turned ? $turnedTouch : $touch);
        $this->assertCount(1, $plan->report->of('one-picture'));
    }

    public function test_one_picture_from_two_papers_is_told(): void
    {
        $plan = $this->plan('mitred-tab-album', [
            'mats' => ['layers' => 1],
            'papers' => ['dew' => ['name' => 'Meteor trail', 'sheet' => '12x12', 'weight' => '160', 'count' => 4]],
            'choices' => ['page-1' => ['paper' => 'dew', 'picture' => 'moonrise'], 'page-2' => ['picture' => 'moonrise']],
        ]);
        $this->assertCount(1, $plan->report->of('parted-picture'));
        $this->assertCount(0, $plan->report->of('one-picture'));
    }

    /**
     * @param array<string, mixed> $mats of page 1
     * @param array<string, mixed> $file
     */
    private function onPage(array $mats, array $file = []): WorkPlan
    {
        return $this->plan('mitred-tab-album', ['parameters' => ['page-width' => '8'], 'mats' => ['faces' => ['page-1' => $mats]], ...$file]);
    }

    /** @return list<Joint> */
    private function mats(WorkPlan $plan): array
    {
        return array_values(array_filter(
            $plan->blueprint->on('page-1'),
            static fn (Joint $joint): bool => $joint->layer === Layer::Mat,
        ));
    }

    private function text(Joint $joint, string $side): string
    {
        return Notation::usual(Unit::Inch)->number($joint->area->size()->{$side});
    }
}

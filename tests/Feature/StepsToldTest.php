<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Print\CutListPdf;
use App\Print\PrintPaper;
use App\Print\StepsTold;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Format\DesignReader;
use Ephemeron\Structure\Catalogue;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Steps in the printed list: every one with its own box, words that are the same once. */
final class StepsToldTest extends TestCase
{
    public function test_all_steps_are_told_in_their_order_with_the_words_they_have_alone(): void
    {
        $together = $others = 0;
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $plan = $this->plan($structure);
            $steps = [];
            $before = null;
            foreach (StepsTold::of($plan) as $told) {
                $glues = false;
                foreach ($told->steps as $step) {
                    $this->assertSame($this->words($plan, $step), $told->sentences, "{$structure}, {$step->key}");
                    $this->assertSame($told->steps[0]->caution, $step->caution);
                    $glues = $glues || array_filter($step->acts, static fn ($act): bool => $act instanceof Glue) !== [];
                }
                $this->assertFalse($glues && count($told->steps) > 1, 'what is glued is shown for each: its words name the pieces');
                $folded = array_map(static fn (Step $step): ?Part => self::folded($plan, $step), $told->steps);
                foreach ($folded as $part) {
                    $this->assertSame(count($folded[0]->creases ?? []), count($part->creases ?? []), 'the words tell of every fold');
                    $this->assertTrue($part == null || $part->size->width == $folded[0]?->size->width || $part->size->height == $folded[0]?->size->height);
                }
                // What was not told with the one before is not the same as that, or is a piece of other sides.
                $isSame = [$before?->sentences, $before?->steps[0]->caution] === [$told->sentences, $told->steps[0]->caution];
                $isOther = $isSame && $folded[0] !== null && $before !== null;
                $this->assertSame($isOther, $isSame, "{$structure}, {$told->steps[0]->key}");
                if ($isOther) {
                    $others++;
                    $first = self::folded($plan, $before->steps[0]);
                    $this->assertFalse($first?->size->width == $folded[0]->size->width || $first?->size->height == $folded[0]->size->height);
                }
                $before = $told;
                $together += count($told->steps) - 1;
                array_push($steps, ...$told->steps);
            }
            $this->assertSame($plan->steps, $steps, $structure);
        }
        $this->assertGreaterThan(50, $together);
        $this->assertGreaterThan(2, $others);
    }

    /** The text of the print as poppler reads it. */
    public function test_the_print_has_every_title_and_says_what_is_the_same_once(): void
    {
        $plan = $this->plan('nested-gusset-album');
        $text = $this->textOf($plan);
        foreach ($plan->steps as $step) {
            $this->assertStringContainsString("{$step->number}. {$step->title}", $text);
        }
        $cutting = array_filter($plan->steps, static fn (Step $step): bool => $step->phase === Phase::Cut && $step->text !== '');
        $first = reset($cutting);
        $this->assertNotFalse($first);
        $this->assertGreaterThan(substr_count($text, $first->text), count($cutting));
        $this->assertSame(
            count(array_filter(StepsTold::of($plan), static fn (StepsTold $told): bool => $told->steps[0]->text === $first->text)),
            substr_count($text, $first->text),
        );
    }

    /**
     * The books whose leaves are put into or onto each other one by one; that these look alike and that the first unit, which goes onto the
     * spine, does not: common practice, no published source.
     */
    public function test_one_picture_does_for_pieces_that_go_onto_each_other_in_the_same_way(): void
    {
        $series = [
            'nested-gusset-album' => [['nest-3', 'nest-1', 2]],
            'tab-spine-album' => [['join-2', 'join-3', 1]],
            'z-page-album' => [['stack-2', 'stack-1', 1]],
            'pocket-flip-book' => [['stack-2', 'stack-1', 1]],
            'mitred-tab-album' => [['stack-2', 'stack-1', 1]],
        ];
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $found = [];
            $first = null;
            $plan = $this->plan($structure);
            foreach (StepsTold::of($plan) as $told) {
                if ($told->isShown) {
                    $this->assertTrue($first?->last === null || $first->last->number === $told->steps[0]->number - 1, 'no gap, and no more');
                    $first = $told;

                    continue;
                }
                $this->assertNotNull($first?->last, $structure);
                $this->assertNotSame($first->sentences, $told->sentences);
                if ($told->steps[0]->number === $first->last->number) {
                    $found[] = [$first->steps[0]->key, $first->last->key, $first->last->number - $first->steps[0]->number];
                }
            }
            $this->assertSame($series[$structure] ?? [], $found, $structure);
        }
    }

    /** @return iterable<string, array{int, string}> */
    public static function sheets(): iterable
    {
        yield 'two' => [2, ''];
        yield 'three' => [3, 'Step %d looks like this too, with the pieces it names.'];
        yield 'four' => [4, 'Steps %d and %d look like this too, with the pieces they name.'];
        yield 'seven' => [7, 'Steps %d to %d look like this too, with the pieces they name.'];
    }

    #[DataProvider('sheets')]
    public function test_below_the_picture_stands_for_which_steps_it_does(int $sheets, string $said): void
    {
        $plan = $this->plan('nested-gusset-album', ['sheets' => $sheets]);
        $text = $this->textOf($plan);
        $numbers = [];
        foreach ($plan->steps as $step) {
            if (str_starts_with($step->key, 'nest-')) {
                $numbers[] = $step->number;
            }
        }
        $this->assertCount($sheets - 1, $numbers);
        $after = array_slice($numbers, 1);
        $this->assertSame($said === '' ? 0 : 1, substr_count($text, ' like this too'));
        $said === '' ? null : $this->assertStringContainsString(sprintf($said, $after[0], end($after)), $text);
        $shown = static fn (int $sheet): int => substr_count($text, ' onto '.$plan->blueprint->part("sheet-{$sheet}")->letter.', letter down');
        $this->assertSame(1, $shown($sheets));
        $this->assertSame($sheets === 2 ? 1 : 0, $shown(2));
    }

    private static function folded(WorkPlan $plan, Step $step): ?Part
    {
        return $step->folds() === null ? null : $plan->blueprint->part($step->folds());
    }

    /** @return list<string> */
    private function words(WorkPlan $plan, Step $step): array
    {
        return array_values(array_filter([$step->text, ...$plan->linesOf($step)], static fn (string $said): bool => $said !== ''));
    }

    private function textOf(WorkPlan $plan): string
    {
        $read = new Process(['pdftotext', '-raw', '-', '-'], null, null, (new CutListPdf(PrintPaper::A4))->render($plan));
        $read->mustRun();

        return (string) preg_replace('~\s+~u', ' ', $read->getOutput());
    }

    /** @param array<string, mixed> $parameters */
    private function plan(string $structure, array $parameters = []): WorkPlan
    {
        $design = ['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, 'structure' => $structure];
        $design += $parameters === [] ? [] : ['parameters' => $parameters];

        return Workshop::ofTheHouse()->plan(DesignReader::ofTheHouse()->fromArray($design));
    }
}

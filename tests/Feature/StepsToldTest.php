<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Print\CutListPdf;
use App\Print\PrintPaper;
use App\Print\StepsTold;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Format\DesignReader;
use Ephemeron\Structure\Catalogue;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Steps in the printed list: every one with its own box, words that are the same once. */
final class StepsToldTest extends TestCase
{
    public function test_all_steps_are_told_in_their_order_with_the_words_they_have_alone(): void
    {
        $together = 0;
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
                // What was not told with the one before is not the same as that.
                $isSame = [$before?->sentences, $before?->steps[0]->caution] === [$told->sentences, $told->steps[0]->caution];
                $this->assertFalse($isSame, "{$structure}, {$told->steps[0]->key}");
                $before = $told;
                $together += count($told->steps) - 1;
                array_push($steps, ...$told->steps);
            }
            $this->assertSame($plan->steps, $steps, $structure);
        }
        $this->assertGreaterThan(50, $together);
    }

    /** The text of the print as poppler reads it. */
    public function test_the_print_has_every_title_and_says_what_is_the_same_once(): void
    {
        $plan = $this->plan('nested-gusset-album');
        $read = new Process(['pdftotext', '-raw', '-', '-'], null, null, (new CutListPdf(PrintPaper::A4))->render($plan));
        $read->mustRun();
        $text = (string) preg_replace('~\s+~u', ' ', $read->getOutput());
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

    /** @return list<string> */
    private function words(WorkPlan $plan, Step $step): array
    {
        return array_values(array_filter([$step->text, ...$plan->linesOf($step)], static fn (string $said): bool => $said !== ''));
    }

    private function plan(string $structure): WorkPlan
    {
        $design = ['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, 'structure' => $structure];

        return Workshop::ofTheHouse()->plan(DesignReader::ofTheHouse()->fromArray($design));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Print\LabelsPdf;
use App\Print\PrintPaper;
use Ephemeron\Format\DesignReader;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Labels as poppler reads them. */
final class LabelsTest extends TestCase
{
    #[TestWith([PrintPaper::A4, 9])]
    #[TestWith([PrintPaper::Letter, 9])]
    public function test_every_piece_has_one_and_a_page_is_full_before_the_next(PrintPaper $paper, int $rows): void
    {
        $plan = Workshop::ofTheHouse()->plan(DesignReader::ofTheHouse()->fromArray([
            'format' => DesignReader::FORMAT,
            'version' => DesignReader::VERSION,
            'structure' => 'nested-gusset-album',
        ]));
        $pdf = (new LabelsPdf($paper))->render($plan, null);
        $this->assertSame(count($plan->blueprint->parts), substr_count($pdf, '/Subtype /Form'), 'what is the same for all of a part is there once');
        $pages = $this->pages($pdf);
        $this->assertCount((int) ceil($plan->pieces() / (3 * $rows)), $pages);
        foreach (array_slice($pages, 0, -1) as $page) {
            $this->assertSame(3 * $rows, preg_match_all('~^[A-Z]+ [^a-zA-Z]* × [^a-zA-Z]* in$~mu', $page));
        }
        $all = implode("\n", $pages);
        $sections = 0;
        foreach ($plan->blueprint->sections() as $section => $parts) {
            foreach ($parts as $part) {
                $count = $plan->countOf($part);
                $sections += $section === 'Page mats' ? $count : 0;
                $this->assertGreaterThanOrEqual($count, substr_count($all, $plan->notation()->size($part->size)), $part->key);
                for ($number = 1; $count > 1 && $number <= $count; $number++) {
                    $this->assertStringContainsString("{$number} of {$count}\n", $all, $part->key);
                }
                foreach (count($part->places) === $part->quantity ? $part->places : [] as $place) {
                    $this->assertStringContainsString(lcfirst($place)." · {$part->letter}", $all);
                }
            }
        }
        $this->assertSame($sections, substr_count($all, "Page mats\n"));
        $only = $this->pages((new LabelsPdf($paper))->render($plan, ['A']));
        $this->assertSame(
            $plan->countOf($plan->blueprint->parts[array_key_first($plan->blueprint->parts)]),
            substr_count(implode($only), ' · A'),
        );
    }

    /** @return list<string> */
    private function pages(string $pdf): array
    {
        $read = new Process(['pdftotext', '-raw', '-', '-'], null, null, $pdf);
        $read->mustRun();

        return explode("\f", rtrim($read->getOutput(), "\f\n"));
    }
}

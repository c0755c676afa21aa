<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Format\CutSheetsDxf;
use Ephemeron\Measure\Size;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\Designs;

/** What we write as DXF is read back by dxf-parser (npm), an independent reader. */
final class DxfTest extends TestCase
{
    use Designs;

    public function test_blanks_scores_and_slits_lie_where_they_should(): void
    {
        $plan = $this->plan('corner-pocket-album', ['parameters' => ['pages' => 1, 'extra-pages' => 1]]);
        $parts = array_column($plan->blueprint->parts, null, 'letter');
        foreach ($plan->stocks as $stock) {
            foreach ($stock->cuts->patterns as $pattern) {
                $read = $this->read((new CutSheetsDxf)->draw($pattern, $parts)->file());
                $this->assertSame(['CUT', 'SCORE_VALLEY', 'SCORE_MOUNTAIN', 'SLIT', 'LEFTOVER', 'LETTER'], $read['layers']);
                $lines = array_filter($read['entities'], static fn (array $entity): bool => $entity['type'] === 'LINE');
                $letters = array_column(
                    array_filter($read['entities'], static fn (array $entity): bool => $entity['type'] === 'TEXT'),
                    'text',
                );
                $this->assertEqualsCanonicalizing(
                    array_map(static fn ($blank): string => str_replace('·', '/', $blank->label()), $pattern->blanks()),
                    $letters,
                );
                $count = static fn (string ...$layers): int => count(
                    array_filter($lines, static fn (array $line): bool => in_array($line['layer'], $layers, true)),
                );
                $blanks = array_map(static fn ($blank) => $parts[$blank->demands[0]], $pattern->blanks());
                $this->assertSame(4 + 4 * count($blanks), $count('CUT'));
                $this->assertSame(
                    array_sum(array_map(static fn ($part): int => count($part->creases), $blanks)),
                    $count('SCORE_VALLEY', 'SCORE_MOUNTAIN'),
                );
                $this->assertSame(array_sum(array_map(static fn ($part): int => count($part->slits), $blanks)), $count('SLIT'));
                $this->assertLinesLieOn($pattern->tree->area()->size(), $lines);
            }
        }
    }

    public function test_lengths_are_millimetres_to_the_last_digit(): void
    {
        $plan = $this->plan('five-pocket-folio');
        $read = $this->read(
            (new CutSheetsDxf)->draw($plan->stocks[0]->cuts->patterns[0], array_column($plan->blueprint->parts, null, 'letter'))->file(),
        );
        // 12 in are 304.8 mm exactly (international yard and pound agreement, 1959).
        $this->assertContains([304.8, 304.8], array_merge(...array_column($read['entities'], 'points')));
    }

    /** @param array<array{points: list<array{float, float}>}> $lines */
    private function assertLinesLieOn(Size $sheet, array $lines): void
    {
        foreach ($lines as $line) {
            foreach ($line['points'] as [$x, $y]) {
                $this->assertTrue(
                    $x >= -1e-6 && $x <= $sheet->width->inMillimetres() + 1e-6 && $y >= -1e-6
                        && $y <= $sheet->height->inMillimetres() + 1e-6,
                );
            }
        }
    }

    /**
     * @return array{layers: list<string>, entities: list<array{layer: string, type: string, points: list<array{float,
     *     float}>, text: string|null}>}
     */
    private function read(string $file): array
    {
        $process = new Process(['node', __DIR__.'/dxf-read.mjs'], dirname(__DIR__, 2), input: $file);
        $process->mustRun();

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }
}

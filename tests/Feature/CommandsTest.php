<?php

declare(strict_types=1);

namespace Tests\Feature;

use Ephemeron\Furniture\Showroom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The command line as a person or a script uses it: exit codes, standard output and standard error of a real process. */
final class CommandsTest extends TestCase
{
    private const STRUCTURES = [
        'nested-gusset-album', 'tab-spine-album', 'thread-hinge-album', 'cascade-album', 'corner-pocket-album', 'meander-book',
        'board-folder', 'z-page-album',
        'five-pocket-folio', 'coil-album', 'tag-clutch', 'four-flap-folio', 'waterfall-wallet', 'pocket-flip-book',
        'mitred-tab-album', 'fold-over-journal', 'sewn-journal', 'free-base',
    ];

    public function test_the_catalogue_as_json(): void
    {
        $process = $this->artisanProcess(['ephemeron:structures', '--json']);
        $this->assertSame(0, $process->getExitCode());
        $catalogue = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $this->assertSame(self::STRUCTURES, array_column($catalogue, 'key'));
        foreach ($catalogue as $structure) {
            foreach ($structure['parameters'] as $parameter) {
                $this->assertSame(
                    ['key', 'name', 'kind', 'unit', 'default', 'metricDefault', 'minimum', 'maximum', 'choices', 'meaning'],
                    array_keys($parameter),
                );
                $this->assertNotSame('', $parameter['meaning']);
            }
        }
        $width = $catalogue[0]['parameters'][0];
        $this->assertSame(
            ['leaf-width', 'length', 'in', '5 in', '12.5 cm'],
            [$width['key'], $width['kind'], $width['unit'], $width['default'], $width['metricDefault']],
        );
    }

    public function test_the_furniture_as_json_and_on_a_terminal(): void
    {
        $process = $this->artisanProcess(['ephemeron:furniture', '--json']);
        $this->assertSame(0, $process->getExitCode());
        $kinds = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $this->assertSame(array_keys(Showroom::ofTheHouse()->all()), array_column($kinds, 'key'));
        $this->assertSame(
            ['1 cm', '1/2 in'],
            [
                array_column($kinds[8]['parameters'], 'metricDefault', 'key')['tab'],
                array_column($kinds[8]['parameters'], 'default', 'key')['tab'],
            ],
        );
        $this->assertStringContainsString('Pull waterfall (pull-waterfall)', $this->artisanProcess(['ephemeron:furniture'])->getOutput());
    }

    public function test_an_example_with_things_on_things(): void
    {
        $process = $this->artisanProcess(['ephemeron:plan', base_path('docs/examples/board-folder.json'), '--json']);
        $this->assertSame(0, $process->getExitCode());
        $plan = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $this->assertContains('things.page-2/flap-1.children.pocket-1', array_column($plan['things'], 'place'));
        $this->assertContains('top', array_column($plan['flaps'], 'hinge'));
    }

    /** A folder and a wrong file: a line for each, and the code says that one was wrong. */
    public function test_many_files_in_one_run(): void
    {
        $wrong = $this->file(['structure' => 'no-such-book']);
        $process = $this->artisanProcess(['ephemeron:plan', base_path('docs/examples'), $wrong, '--json']);
        $this->assertSame(2, $process->getExitCode());
        $lines = array_map(
            static fn (string $line): array => (array) json_decode($line, true, flags: JSON_THROW_ON_ERROR),
            array_values(array_filter(explode("\n", $process->getOutput()))),
        );
        $files = glob(base_path('docs/examples/*.json')) ?: [];
        $this->assertSame([...$files, $wrong], array_column($lines, 'file'));
        $this->assertArrayHasKey('structure', (array) $lines[count($lines) - 1]['errors']);
        $single = $this->artisanProcess(['ephemeron:plan', $files[3], '--json']);
        $alone = (array) json_decode($single->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $this->assertEquals(['file' => $files[3], ...$alone], $lines[3]);
    }

    public function test_the_smallest_design_from_standard_input(): void
    {
        $process = $this->artisanProcess(
            ['ephemeron:plan', '-', '--json'],
            '{"format": "ephemeron-design", "version": 1, "structure": "meander-book", "unit": "in"}',
        );
        $this->assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $plan = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);

        $this->assertSame(
            ['A', 'Book sheet', 'Book', 1, 'book-sheet'],
            [
                $plan['parts'][0]['letter'],
                $plan['parts'][0]['name'],
                $plan['parts'][0]['section'],
                $plan['parts'][0]['quantity'],
                $plan['parts'][0]['stockRole'],
            ],
        );
        $this->assertSame(['ticks' => 12 * 8128, 'text' => '12 in'], $plan['parts'][0]['width']);
        $this->assertSame(
            ['along' => 'width', 'at' => ['ticks' => 3 * 8128, 'text' => '3 in'], 'fold' => 'valley'],
            $plan['parts'][0]['scores'][0],
        );
        $this->assertCount(6, $plan['parts'][0]['scores']);
        $this->assertCount(18, $plan['faces']);
        $this->assertSame([], $plan['faces'][0]['mats']);
        $this->assertSame([1, 1, 1], array_column($plan['totals'], 'sheets'));
        $this->assertSame([1, 1, 1], array_column($plan['totals'], 'lowerBound'));
        $this->assertSame(['stock', 'key', 'count', 'cuts', 'blanks', 'offcuts'], array_keys($plan['sheets'][0]));
        $this->assertNotSame([], $plan['steps']);
        $this->assertSame([], $plan['findings']);
        $this->assertSame(['4x6', '3x4', '4x4', '3x3', '2x3'], array_column($plan['photos'], 'size'));
    }

    public function test_readable_on_a_terminal(): void
    {
        $file = $this->file(['structure' => 'nested-gusset-album', 'name' => '<info>Log</info>']);
        $process = $this->artisanProcess(['ephemeron:plan', $file]);
        $this->assertSame(0, $process->getExitCode());
        $this->assertStringContainsString('<info>Log</info> — Nested-gusset album', $process->getOutput());
        $this->assertStringContainsString('11 × 8½ in', $process->getOutput());
        $this->assertStringContainsString('scores 5, 6', $process->getOutput());
    }

    public function test_a_total_never_hides_what_fits_no_sheet(): void
    {
        // Three sheets of card are wanted and there are two.
        $design = [
            'structure' => 'nested-gusset-album',
            'parameters' => ['sheets' => 3],
            'materials' => ['structure-card' => ['count' => 2]],
        ];
        $plan = json_decode(
            $this->artisanProcess(['ephemeron:plan', $this->file($design), '--json'])->getOutput(),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $this->assertSame([2, 1], [$plan['totals'][0]['sheets'], $plan['totals'][0]['missing']]);
        $this->assertSame([0], array_values(array_unique(array_column(array_slice($plan['totals'], 1), 'missing'))));
        $text = $this->artisanProcess(['ephemeron:plan', $this->file($design)])->getOutput();
        $this->assertStringContainsString('2 (at least 3), and 1 piece fits no sheet', $text);
        $this->assertSame(1, substr_count($text, 'no sheet'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function wrongInput(): iterable
    {
        yield 'no JSON' => ['hello', 'not JSON'];
        yield 'another version' => ['{"format": "ephemeron-design", "version": 9, "structure": "meander-book"}', 'at version'];
        yield 'unknown key' => ['{"format": "ephemeron-design", "version": 1, "structure": "meander-book", "wings": 2}', 'at wings'];
        yield 'zero' => [
            '{"format": "ephemeron-design", "version": 1, "structure": "meander-book", "parameters": {"sheet-side": 0}}',
            'at parameters.sheet-side',
        ];
        yield 'ten megabytes' => [str_repeat('x', 10_000_000), 'at most 1 MB'];
    }

    #[DataProvider('wrongInput')]
    public function test_a_wrong_file_exits_with_2_and_a_sentence_on_standard_error(string $input, string $sentence): void
    {
        $process = $this->artisanProcess(['ephemeron:plan', '-', '--json'], $input);
        $this->assertSame(2, $process->getExitCode());
        $this->assertSame('', $process->getOutput());
        $this->assertStringContainsString($sentence, $process->getErrorOutput());
        $this->assertStringNotContainsString('Stack trace', $process->getErrorOutput());
    }

    #[TestWith(['/no/such/file.json'])]
    #[TestWith([__DIR__])]
    public function test_a_file_that_is_not_there(string $file): void
    {
        $process = $this->artisanProcess(['ephemeron:plan', $file]);
        $this->assertSame(2, $process->getExitCode());
        $this->assertStringContainsString('no such file', $process->getErrorOutput());
    }

    /** @param list<string> $arguments */
    private function artisanProcess(array $arguments, ?string $input = null): Process
    {
        $process = new Process([PHP_BINARY, 'artisan', ...$arguments], base_path(), ['APP_ENV' => 'testing'], $input, 30);
        $process->run();

        return $process;
    }

    /** @param array<string, mixed> $design */
    private function file(array $design): string
    {
        $file = tempnam(sys_get_temp_dir(), 'design');
        file_put_contents($file, json_encode(['format' => 'ephemeron-design', 'version' => 1, ...$design], JSON_THROW_ON_ERROR));

        return $file;
    }
}

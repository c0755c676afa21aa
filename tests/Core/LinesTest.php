<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** What the fixer of the style does not look at. */
final class LinesTest extends TestCase
{
    private const COLUMNS = 140;

    public function test_no_line_is_longer_than_a_hundred_and_forty_columns(): void
    {
        $long = [];
        foreach (Finder::create()->files()->in([__DIR__.'/../../core', __DIR__.'/../../app'])->name('*.php') as $file) {
            foreach (explode("\n", $file->getContents()) as $index => $line) {
                if (mb_strlen($line) > self::COLUMNS) {
                    $long[] = $file->getRelativePathname().':'.($index + 1);
                }
            }
        }
        $this->assertSame([], $long);
    }
}

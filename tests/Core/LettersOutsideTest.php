<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\LetterOutside;
use PHPUnit\Framework\TestCase;

/** Letters of narrow pieces stand beside the sheet, a line from each piece leads to its own. */
final class LettersOutsideTest extends TestCase
{
    use Designs;

    private const LEAST = 18.0;

    private const PITCH = 10.0;

    public function test_every_narrow_piece_is_led_to_its_letter_and_letters_do_not_touch(): void
    {
        $narrow = 0;
        foreach ($this->patterns() as $pattern) {
            $sheet = $pattern->tree->area();
            $outside = LetterOutside::of($pattern, self::LEAST, self::PITCH, 8.0);
            $ends = [];
            foreach ($outside as $letter) {
                $isBelow = $letter->y > $sheet->bottom()->inMillimetres();
                $isBeside = $letter->x > $sheet->right()->inMillimetres();
                $this->assertTrue($isBelow xor $isBeside);
                foreach ($outside as $other) {
                    if ($other !== $letter) {
                        $this->assertGreaterThanOrEqual(self::PITCH, max(abs($letter->x - $other->x), abs($letter->y - $other->y)));
                    }
                }
                foreach ($letter->from as $end) {
                    $ends[] = [$letter->letter, ...$end];
                }
            }
            foreach ($pattern->leaves() as $leaf) {
                if (! $leaf instanceof Blank) {
                    continue;
                }
                $area = $leaf->area();
                $here = array_filter($ends, static fn (array $end): bool => $end[0] === $leaf->label()
                    && $end[1] > $area->left()->inMillimetres() && $end[1] < $area->right()->inMillimetres()
                    && $end[2] > $area->top()->inMillimetres() && $end[2] < $area->bottom()->inMillimetres());
                $isNarrow = $area->size()->shortSide()->inMillimetres() < self::LEAST;
                $narrow += $isNarrow ? 1 : 0;
                $this->assertCount($isNarrow ? 1 : 0, $here, $leaf->label());
            }
        }
        $this->assertGreaterThan(5, $narrow);
    }

    /** In the drawing a letter stands in its piece or beside the sheet, and once. */
    public function test_the_drawing_names_every_piece(): void
    {
        foreach ($this->patterns() as $pattern) {
            $svg = (new CutSheetsSvg)->draw($pattern, $this->plan('cascade-album')->notation(), 'A sheet')->file();
            foreach ($pattern->leaves() as $leaf) {
                $leaf instanceof Blank ? $this->assertMatchesRegularExpression(
                    '~<circle[^>]*/><text[^>]*>'.preg_quote($leaf->label(), '~').'</text>~',
                    $svg,
                ) : null;
            }
        }
    }

    /** @return list<SheetPattern> of books with narrow mats, upright and lying */
    private function patterns(): array
    {
        $patterns = [];
        foreach (['cascade-album', 'mitred-tab-album', 'thread-hinge-album', 'coil-album', 'five-pocket-folio'] as $structure) {
            foreach ($this->plan($structure, ['mats' => ['layers' => 2]])->stocks as $stock) {
                array_push($patterns, ...$stock->cuts->patterns);
            }
        }

        return $patterns;
    }
}

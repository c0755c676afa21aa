<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Scoring\ScoreLine;
use Ephemeron\Scoring\ScoreMove;
use Ephemeron\Scoring\ScorePlan;

/** A part on the scoring board for one move: pushed to the left and top fence, letter side down, the grooves to use numbered in order. */
final readonly class BoardDrawing
{
    private const FENCE = 9.0;

    public function __construct(private Notation $notation)
    {
    }

    public function draw(ScorePlan $plan, ScoreMove $move): SvgDrawing
    {
        $part = $plan->part;
        $size = $move->atTheFence === Axis::Width ? $part->size : $part->size->turned();
        $board = new Size(
            Length::longest($plan->board->length, $size->width->plus(Length::millimetres(6))),
            $size->height->plus(Length::millimetres(10)),
        );
        $letter = $board->width->inMillimetres() / 26;
        $drawing = new SvgDrawing(
            -self::FENCE - 3,
            -self::FENCE - 3 - 2.4 * $letter,
            $board->width->inMillimetres() + self::FENCE + 8,
            $board->height->inMillimetres() + self::FENCE + 6 + 2.4 * $letter,
            "Piece {$part->letter} on the scoring board",
        );
        $this->board($drawing, $plan, $board);
        $palette = new Palette;
        $drawing->paper(Rectangle::whole($size), $palette->of($part->role), $palette->classOf($part->role));
        foreach ($move->lines as $index => $line) {
            $segment = new Segment(new Point($line->at, Length::zero()), new Point($line->at, $size->height));
            $drawing->fold($segment, $line->fold);
            $x = $line->at->inMillimetres();
            $aside = $this->isCrowded($move, $index) ? $letter : 0.0;
            $drawing->text(
                $x,
                -self::FENCE - 0.35 * $letter - 1.05 * $aside,
                ($line->isOnGroove() ? '' : '≠ ').$this->notation->number($line->at),
                $letter,
                attributes: ['font-weight' => '600'],
            );
            $drawing->ring($x, $size->height->inMillimetres() * 0.5 - 2.2 * $aside, (string) ($index + 1), 0.62 * $letter);
        }
        $across = $this->besideScores($move, $size->width->inMillimetres(), $letter);

        return $drawing->ring($across, $size->height->inMillimetres() - $letter, $part->letter, 0.7 * $letter, isBeneath: true);
    }

    /** Where the letter can be read: near the right edge, or where scores leave most room. */
    private function besideScores(ScoreMove $move, float $width, float $letter): float
    {
        $lines = array_map(static fn (ScoreLine $line): float => $line->at->inMillimetres(), $move->lines);
        sort($lines);
        $corner = $width - $letter;
        if (array_filter($lines, static fn (float $at): bool => abs($at - $corner) < $letter) === []) {
            return $corner;
        }
        $middle = $corner;
        $most = 0.0;
        foreach ([...$lines, $width] as $index => $right) {
            $left = $lines[$index - 1] ?? 0.0;
            if ($right - $left > $most) {
                [$most, $middle] = [$right - $left, ($left + $right) / 2];
            }
        }

        return $middle;
    }

    private function board(SvgDrawing $drawing, ScorePlan $plan, Size $board): void
    {
        $drawing->open('g', ['class' => 'board']);
        $drawing->rectangle(Rectangle::whole($board), ['fill' => '#ece5d3', 'class' => 'board-bed']);
        $grooves = $plan->board->grooves->step();
        // Millimetre grooves are too fine to show one by one.
        $shown = $grooves->isLessThan(Length::millimetres(3)) ? Length::millimetres(5) : $grooves;
        $drawing->bars($shown->inMillimetres(), $plan->board->length->holds($shown), $board->height->inMillimetres(), LineKind::Groove);
        $fence = ['fill' => '#8f97bd', 'class' => 'fence'];
        $drawing->element(
            'rect',
            [
                'x' => -self::FENCE,
                'y' => -self::FENCE,
                'width' => $board->width->inMillimetres() + self::FENCE,
                'height' => self::FENCE,
                ...$fence,
            ],
        );
        $drawing->element(
            'rect',
            [
                'x' => -self::FENCE,
                'y' => -self::FENCE,
                'width' => self::FENCE,
                'height' => $board->height->inMillimetres() + self::FENCE,
                ...$fence,
            ],
        );
        $drawing->close('g');
    }

    /** Whether the number of a line would run into the one before it. */
    private function isCrowded(ScoreMove $move, int $index): bool
    {
        return $index % 2 === 1 && $move->lines[$index]->at->minus($move->lines[$index - 1]->at)->isLessThan(Length::millimetres(36));
    }
}

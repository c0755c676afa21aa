<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Gathering\Sheet;
use Ephemeron\Gathering\Signature;
use Ephemeron\Gathering\WidthWay;
use Ephemeron\Measure\Length;

/**
 * A signature seen from its foot: sheets nested in each other, lengths true to scale, the room between them widened so that each is seen.
 * What is folded over lies as a second line along its leaf.
 */
final readonly class SignatureDrawing
{
    private const APART = 3.2;

    /** As many letters side by side, each with so much room. */
    private const ABREAST = 2;

    private const LETTER = 5.5;

    /**
     * @param list<string> $letters of the sheets, from the outermost in
     * @param Length $leaf width of the template
     */
    public function draw(Signature $signature, array $letters, Length $leaf): SvgDrawing
    {
        $count = count($signature->sheets);
        $deepest = $count === 0 ? Length::zero() : $signature->creep($count - 1);
        $width = $leaf->inMillimetres() + $deepest->inMillimetres() + 22 + (self::ABREAST - 1) * self::LETTER;
        $drawing = new SvgDrawing(0.0, 0.0, $width + 6, self::APART * (2 * $count + 1) + 6, 'The signature seen from its foot');
        $middle = self::APART * ($count + 0.5) + 3;
        foreach ($signature->sheets as $index => $sheet) {
            $this->sheet($drawing, $signature, $sheet, $index, $middle, $letters[$index] ?? '', $leaf);
        }

        return $drawing;
    }

    private function sheet(
        SvgDrawing $drawing,
        Signature $signature,
        Sheet $sheet,
        int $index,
        float $middle,
        string $letter,
        Length $leaf,
    ): void {
        $count = count($signature->sheets);
        $away = self::APART * ($count - $index - 0.3);
        $fold = 6 + 0.8 * self::APART * $index * 0.5;
        $creep = $signature->creep($index)->inMillimetres();
        $meeting = $sheet->meeting;
        $reach = $meeting->width === WidthWay::Strip ? $meeting->open->width : $meeting->open->width->minus(
            $meeting->width->isFolded() ? $leaf : $meeting->open->width->half(),
        );
        $full = $meeting->width->isFolded() ? $leaf : $reach;
        $stub = $meeting->strip?->half()->inMillimetres() ?? 0.0;
        [$front, $back] = match (true) {
            ! $sheet->isSingle() => [$full->inMillimetres(), $reach->inMillimetres()],
            $sheet->isAtBack => [$stub, $reach->inMillimetres()],
            default => [$reach->inMillimetres(), $stub],
        };
        $base = 6 + $creep;
        $paper = $meeting->paper;
        $line = [
            ...LineKind::Outline->attributes(),
            'fill' => 'none',
            'stroke' => self::hue($paper->hue),
            'stroke-width' => $meeting->layers() > 1 ? '1.5' : '0.9',
            'class' => 'leaf-line',
        ];
        $drawing->element('path', ['d' => sprintf(
            'M%.2f %.2fL%.2f %.2fQ%.2f %.2f %.2f %.2fL%.2f %.2f',
            $base + $front,
            $middle - $away,
            $fold + 3,
            $middle - $away,
            $fold - 1,
            $middle,
            $fold + 3,
            $middle + $away,
            $base + $back,
            $middle + $away,
        ), ...$line]);
        if ($meeting->height->isFolded()) {
            foreach ([-1, 1] as $side) {
                $drawing->element('path', ['d' => sprintf(
                    'M%.2f %.2fL%.2f %.2f',
                    $base + ($side < 0 ? $front : $back) - 4,
                    $middle + $side * ($away - 0.9),
                    $fold + 8,
                    $middle + $side * ($away - 0.9),
                ), ...$line, 'stroke-dasharray' => '2 1']);
            }
        }
        if ($meeting->width->isFolded()) {
            $drawing->element('path', ['d' => sprintf(
                'M%.2f %.2fQ%.2f %.2f %.2f %.2fL%.2f %.2f',
                $base + $back,
                $middle + $away,
                $base + $back + 1.2,
                $middle + $away - 0.6,
                $base + $back,
                $middle + $away - 1.2,
                $base + $back - $meeting->inward->inMillimetres(),
                $middle + $away - 1.2,
            ), ...$line]);
        }
        [$x, $y] = $sheet->isSingle() && $sheet->isAtBack ? [$base + $back, $middle + $away] : [$base + $front, $middle - $away];
        // Sheets lie closer together than letters are tall: neighbours stand beside each other.
        $drawing->text($x + 2 + self::LETTER * ($index % self::ABREAST), $y + 1.1, $letter, 3.4, 'start');
    }

    /** A line of its hue; grey where it has none. */
    private static function hue(?int $hue): string
    {
        return $hue === null ? '#7d7a72' : "hsl({$hue}, 45%, 48%)";
    }
}

<?php

declare(strict_types=1);

namespace App\Drawer;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Repeat;

/**
 * A motif laid side by side at true size to a whole sheet: it is made as large as it will be printed once, then copied dot for dot, so that
 * no seam or white line can come between the copies.
 */
final readonly class OwnPaper
{
    public const DPI = 300;

    /** A sheet of 13 × 19 in is still made. */
    public const MOST_DOTS = 23_000_000;

    public function __construct(public Size $sheet, public Length $motif, public Repeat $repeat, public bool $mirrored)
    {
    }

    public function isTooLarge(): bool
    {
        return self::dots($this->sheet->width) * self::dots($this->sheet->height) > self::MOST_DOTS;
    }

    /** @param Pixels $motif one copy of it */
    public function made(Pixels $motif): Pixels
    {
        $width = max(1, self::dots($this->motif));
        $motif = $motif->scaled($width, max(1, (int) round($motif->height() * $width / $motif->width())));
        [$across, $down] = [self::dots($this->sheet->width), self::dots($this->sheet->height)];
        $sheet = imagecreatetruecolor(max(1, $across), max(1, $down));
        foreach ($this->bands($down, $motif->height()) as [$top, $tall]) {
            foreach ($this->bands($across, $motif->width()) as [$left, $wide]) {
                [$x, $y] = $this->repeat->dot($left, $top, $motif->width(), $motif->height(), $this->mirrored);
                [$dx, $dy] = $this->ways($motif, $left, $top, $x, $y, $wide, $tall);
                $this->copy($sheet, $motif, $left, $top, $x, $y, $wide, $tall, $dx, $dy);
            }
        }

        return Pixels::of($sheet);
    }

    public static function dots(Length $length): int
    {
        return (int) round($length->inMillimetres() / 25.4 * self::DPI);
    }

    /**
     * Cut at every whole and half motif: within such a piece copies run on without a break, whatever the repeat.
     *
     * @return list<array{int, int}> where each begins and how long it is
     */
    private function bands(int $whole, int $motif): array
    {
        $bands = [];
        $halves = [intdiv($motif, 2), $motif - intdiv($motif, 2)];
        for ($at = 0, $k = 0; $at < $whole; $at += $long, $k++) {
            $long = max(1, $halves[$k % 2]);
            $bands[] = [$at, min($long, $whole - $at)];
        }

        return $bands;
    }

    /** @return array{bool, bool} whether the motif runs backwards there, across and down */
    private function ways(Pixels $motif, int $left, int $top, int $x, int $y, int $wide, int $tall): array
    {
        $next = $this->repeat->dot(
            $left + min(1, $wide - 1),
            $top + min(1, $tall - 1),
            $motif->width(),
            $motif->height(),
            $this->mirrored,
        );

        return [$next[0] < $x, $next[1] < $y];
    }

    private function copy(
        \GdImage $sheet,
        Pixels $motif,
        int $left,
        int $top,
        int $x,
        int $y,
        int $wide,
        int $tall,
        bool $dx,
        bool $dy,
    ): void {
        if (! $dx && ! $dy) {
            imagecopy($sheet, $motif->image, $left, $top, $x, $y, $wide, $tall);

            return;
        }
        $piece = imagecreatetruecolor(max(1, $wide), max(1, $tall));
        imagecopy($piece, $motif->image, 0, 0, $dx ? $x - $wide + 1 : $x, $dy ? $y - $tall + 1 : $y, $wide, $tall);
        imageflip($piece, $dx && $dy ? IMG_FLIP_BOTH : ($dx ? IMG_FLIP_HORIZONTAL : IMG_FLIP_VERTICAL));
        imagecopy($sheet, $piece, $left, $top, 0, 0, $wide, $tall);
    }
}

<?php

declare(strict_types=1);

namespace Database\Seeders;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Draws made-up printed papers: what one sees in the night sky and in an observer's notebook. The same numbers, the same print. */
final class PrintArtist
{
    public const SIDE = 480;

    /** Motifs, and whether they have a right way up. */
    public const MOTIFS = [
        'stars' => false, 'comets' => true, 'phases' => false, 'orbits' => false, 'chart' => false, 'hills' => true, 'streaks' => false,
        'dust' => false, 'lines' => false, 'dusk' => true, 'cards' => true,
    ];

    private \GdImage $image;

    private Randomizer $lot;

    /** @var list<int> */
    private array $inks;

    /**
     * @param list<string> $colours ground first, then the inks, as #rrggbb
     * @return string JPEG of a square sheet
     */
    public function print(string $motif, array $colours, int $number): string
    {
        $this->lot = new Randomizer(new Mt19937($number));
        $this->image = imagecreatetruecolor(self::SIDE, self::SIDE);
        imageantialias($this->image, true);
        $this->inks = array_map(fn (string $colour): int => (int) imagecolorallocate(
            $this->image,
            max(0, min(255, (int) hexdec(substr($colour, 1, 2)))),
            max(0, min(255, (int) hexdec(substr($colour, 3, 2)))),
            max(0, min(255, (int) hexdec(substr($colour, 5, 2)))),
        ), $colours);
        imagefilledrectangle($this->image, 0, 0, self::SIDE, self::SIDE, $this->inks[0]);
        match ($motif) {
            'stars' => $this->stars(70, 3, 11),
            'comets' => $this->comets(),
            'phases' => $this->phases(),
            'orbits' => $this->orbits(),
            'chart' => $this->chart(),
            'hills' => $this->hills(),
            'streaks' => $this->streaks(),
            'dust' => $this->dust(),
            'lines' => $this->lines(),
            'cards' => $this->cards(),
            default => $this->dusk(),
        };
        ob_start();
        imagejpeg($this->image, null, 90);

        return (string) ob_get_clean();
    }

    private function stars(int $count, int $least, int $most): void
    {
        for ($i = 0; $i < $count; $i++) {
            [$x, $y, $r] = [$this->any(), $this->any(), $this->lot->getInt($least, $most)];
            $points = [];
            for ($k = 0; $k < 8; $k++) {
                $reach = $k % 2 === 0 ? $r : $r * 0.32;
                $points[] = (int) round($x + $reach * cos($k * M_PI / 4));
                $points[] = (int) round($y + $reach * sin($k * M_PI / 4));
            }
            imagefilledpolygon($this->image, $points, $this->ink());
        }
    }

    /** Twelve cards of 3 × 4 to be cut apart, each with a frame, a moon and lines to write on. */
    private function cards(): void
    {
        [$wide, $tall] = [self::SIDE / 4, self::SIDE / 3];
        for ($card = 0; $card < 12; $card++) {
            [$left, $top] = [(int) ($card % 4 * $wide), (int) (intdiv($card, 4) * $tall)];
            [$ground, $ink] = [$this->inks[$card % 2 === 0 ? 0 : 3], $this->inks[1 + $card % 2]];
            imagefilledrectangle($this->image, $left, $top, (int) ($left + $wide), (int) ($top + $tall), $ground);
            imagerectangle($this->image, $left + 7, $top + 7, (int) ($left + $wide) - 8, (int) ($top + $tall) - 8, $ink);
            imagefilledellipse($this->image, (int) ($left + $wide / 2), $top + 46, 46, 46, $ink);
            imagefilledellipse($this->image, (int) ($left + $wide / 2) + 4 * ($card - 5), $top + 46, 44, 44, $ground);
            for ($line = 0; $line < 4; $line++) {
                imageline($this->image, $left + 18, $top + 92 + 15 * $line, (int) ($left + $wide) - 18, $top + 92 + 15 * $line, $ink);
            }
        }
    }

    private function comets(): void
    {
        $this->dust();
        for ($i = 0; $i < 9; $i++) {
            [$x, $y, $long] = [$this->any(), $this->any(), $this->lot->getInt(60, 130)];
            $ink = $this->ink();
            for ($k = -6; $k <= 6; $k++) {
                imageline($this->image, $x, $y, $x - 14 + 4 * $k, $y - $long + 3 * abs($k), $ink);
            }
            imagefilledellipse($this->image, $x, $y, 18, 18, $ink);
        }
    }

    private function phases(): void
    {
        $step = self::SIDE / 6;
        for ($row = 0; $row < 6; $row++) {
            for ($column = 0; $column < 6; $column++) {
                [$x, $y] = [(int) (($column + 0.5) * $step), (int) (($row + 0.5) * $step)];
                $r = (int) ($step * 0.66);
                imagefilledellipse($this->image, $x, $y, $r, $r, $this->inks[1]);
                $shade = (int) ($r * (($column + $row) % 6 / 5 - 0.5) * 2);
                imagefilledellipse($this->image, $x + $shade, $y, $r, $r, $this->inks[0]);
                imageellipse($this->image, $x, $y, $r, $r, $this->inks[2]);
            }
        }
    }

    private function orbits(): void
    {
        for ($i = 0; $i < 5; $i++) {
            [$x, $y] = [$this->any(), $this->any()];
            for ($r = 30; $r < 260; $r += $this->lot->getInt(22, 40)) {
                imageellipse($this->image, $x, $y, 2 * $r, $r, $this->ink());
                $turn = $this->lot->getInt(0, 628) / 100;
                imagefilledellipse($this->image, (int) ($x + $r * cos($turn)), (int) ($y + $r / 2 * sin($turn)), 12, 12, $this->ink());
            }
        }
    }

    private function chart(): void
    {
        for ($at = 0; $at <= self::SIDE; $at += 40) {
            imageline($this->image, $at, 0, $at, self::SIDE, $this->inks[1]);
            imageline($this->image, 0, $at, self::SIDE, $at, $this->inks[1]);
        }
        for ($figure = 0; $figure < 8; $figure++) {
            [$x, $y] = [$this->any(), $this->any()];
            $ink = $this->inks[2];
            for ($star = 0; $star < 5; $star++) {
                [$nextX, $nextY] = [$x + $this->lot->getInt(-60, 60), $y + $this->lot->getInt(-50, 50)];
                imageline($this->image, $x, $y, $nextX, $nextY, $ink);
                imagefilledellipse($this->image, $x, $y, 9, 9, $ink);
                [$x, $y] = [$nextX, $nextY];
            }
        }
    }

    private function hills(): void
    {
        $this->stars(24, 2, 6);
        for ($ridge = 0; $ridge < 3; $ridge++) {
            $base = 250 + 75 * $ridge;
            $points = [0, self::SIDE];
            for ($x = 0; $x <= self::SIDE; $x += 12) {
                array_push($points, $x, (int) ($base + 30 * sin($x / (46.0 + 17 * $ridge) + $ridge) + 12 * sin($x / 17.0)));
            }
            array_push($points, self::SIDE, self::SIDE);
            imagefilledpolygon($this->image, $points, $this->inks[1 + $ridge % (count($this->inks) - 1)]);
        }
    }

    private function streaks(): void
    {
        imagesetthickness($this->image, 2);
        for ($i = 0; $i < 90; $i++) {
            [$x, $y, $long] = [$this->any(), $this->any(), $this->lot->getInt(20, 90)];
            imageline($this->image, $x, $y, $x + $long, $y + (int) ($long * 0.6), $this->ink());
        }
        imagesetthickness($this->image, 1);
    }

    private function dust(): void
    {
        for ($i = 0; $i < 420; $i++) {
            $size = $this->lot->getInt(2, 7);
            imagefilledellipse($this->image, $this->any(), $this->any(), $size, $size, $this->ink());
        }
    }

    private function lines(): void
    {
        for ($x = 0; $x < self::SIDE; $x += $this->lot->getInt(12, 34)) {
            imagefilledrectangle($this->image, $x, 0, $x + $this->lot->getInt(2, 9), self::SIDE, $this->ink());
        }
    }

    private function dusk(): void
    {
        $bands = count($this->inks) * 3;
        for ($band = 0; $band < $bands; $band++) {
            $top = (int) (self::SIDE * $band / $bands);
            imagefilledrectangle($this->image, 0, $top, self::SIDE, $top + 60, $this->inks[intdiv($band, 3)]);
        }
        $this->stars(16, 2, 5);
    }

    private function any(): int
    {
        return $this->lot->getInt(0, self::SIDE);
    }

    private function ink(): int
    {
        return $this->inks[$this->lot->getInt(1, count($this->inks) - 1)];
    }
}

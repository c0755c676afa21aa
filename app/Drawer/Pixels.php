<?php

declare(strict_types=1);

namespace App\Drawer;

use Ephemeron\Geometry\Perspective;

/** What is done to a picture of a paper, dot by dot, with GD. */
final readonly class Pixels
{
    private const MOST = 40_000_000;

    private function __construct(public \GdImage $image)
    {
    }

    /**
     * @param string $contents of a PNG or JPEG, taken for what it is, not for its name
     *
     * @throws UnusablePicture
     */
    public static function read(string $contents): self
    {
        $size = @getimagesizefromstring($contents);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_PNG, IMAGETYPE_JPEG], true)) {
            throw UnusablePicture::notAPicture();
        }
        if ($size[0] * $size[1] > self::MOST) {
            throw UnusablePicture::tooLarge();
        }
        $picture = @imagecreatefromstring($contents);
        if ($picture === false) {
            throw UnusablePicture::notAPicture();
        }
        imagepalettetotruecolor($picture);

        return (new self($picture))->upright($contents);
    }

    public static function of(\GdImage $image): self
    {
        return new self($image);
    }

    public function width(): int
    {
        return imagesx($this->image);
    }

    public function height(): int
    {
        return imagesy($this->image);
    }

    /** At most so many dots along its longer side. */
    public function atMost(int $side): self
    {
        $scale = min(1.0, $side / max($this->width(), $this->height()));

        return $scale === 1.0 ? $this : $this->scaled(
            max(1, (int) round($this->width() * $scale)),
            max(1, (int) round($this->height() * $scale)),
        );
    }

    public function scaled(int $width, int $height): self
    {
        $small = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagecopyresampled($small, $this->image, 0, 0, 0, 0, $width, $height, $this->width(), $this->height());

        return new self($small);
    }

    /**
     * A photograph of a sheet lying on a table, squared up.
     *
     * @param Perspective $seen where the sheet is on it, in dots
     * @param int $width of the sheet in dots
     */
    public function squared(Perspective $seen, int $width, int $height): self
    {
        $square = imagecreatetruecolor(max(1, $width), max(1, $height));
        [$right, $bottom] = [$this->width() - 1, $this->height() - 1];
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                [$u, $v] = $seen->seen(($x + 0.5) / $width, ($y + 0.5) / $height);
                $u = min(max($u - 0.5, 0.0), $right);
                $v = min(max($v - 0.5, 0.0), $bottom);
                imagesetpixel($square, $x, $y, $this->between($u, $v, $right, $bottom));
            }
        }

        return new self($square);
    }

    /** The colour that most of it has, as from afar: `#8fa3c4`. */
    public function colour(): string
    {
        $small = $this->scaled(32, 32)->image;
        $kinds = [];
        for ($dot = 0; $dot < 1024; $dot++) {
            $colour = (int) imagecolorat($small, $dot % 32, intdiv($dot, 32));
            // Three bits of each colour tell kinds apart.
            $kinds[$colour & 0xE0E0E0][] = $colour;
        }
        usort($kinds, static fn (array $one, array $other): int => count($other) <=> count($one));
        $mean = static fn (int $shift): int => (int) round(array_sum(array_map(
            static fn (int $colour): int => ($colour >> $shift) & 0xFF,
            $kinds[0],
        )) / count($kinds[0]));

        return sprintf('#%02x%02x%02x', $mean(16), $mean(8), $mean(0));
    }

    public function jpeg(int $quality = 84): string
    {
        ob_start();
        imagejpeg($this->image, null, $quality);

        return (string) ob_get_clean();
    }

    /** @param int $dpi dots to an inch, said in the file */
    public function png(int $dpi): string
    {
        imageresolution($this->image, $dpi, $dpi);
        ob_start();
        imagepng($this->image, null, 6);

        return (string) ob_get_clean();
    }

    /** Mixed from the four dots around a point. */
    private function between(float $u, float $v, int $right, int $bottom): int
    {
        [$x, $y] = [(int) $u, (int) $v];
        [$fx, $fy] = [$u - $x, $v - $y];
        [$x1, $y1] = [min($x + 1, $right), min($y + 1, $bottom)];
        $dots = [
            [(int) imagecolorat($this->image, $x, $y), (1 - $fx) * (1 - $fy)],
            [(int) imagecolorat($this->image, $x1, $y), $fx * (1 - $fy)],
            [(int) imagecolorat($this->image, $x, $y1), (1 - $fx) * $fy],
            [(int) imagecolorat($this->image, $x1, $y1), $fx * $fy],
        ];
        [$red, $green, $blue] = [0.5, 0.5, 0.5];
        foreach ($dots as [$colour, $share]) {
            $red += (($colour >> 16) & 0xFF) * $share;
            $green += (($colour >> 8) & 0xFF) * $share;
            $blue += ($colour & 0xFF) * $share;
        }

        return ((int) $red << 16) | ((int) $green << 8) | (int) $blue;
    }

    /** A telephone keeps a picture as it was held and says beside it which way is up (EXIF 2.32, tag 0x0112 Orientation). */
    private function upright(string $contents): self
    {
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            return $this;
        }
        fwrite($stream, $contents);
        rewind($stream);
        $said = @exif_read_data($stream, 'IFD0');
        fclose($stream);
        $orientation = is_array($said) && is_int($said['Orientation'] ?? null) ? $said['Orientation'] : 1;
        // Turned counter-clockwise by so much, then mirrored where it says so.
        $turned = match ($orientation) {
            3, 4 => imagerotate($this->image, 180, 0),
            5, 6 => imagerotate($this->image, 270, 0),
            7, 8 => imagerotate($this->image, 90, 0),
            default => $this->image,
        };
        $upright = $turned === false ? $this->image : $turned;
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($upright, IMG_FLIP_HORIZONTAL);
        }

        return new self($upright);
    }
}

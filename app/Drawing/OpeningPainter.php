<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Drawer\Pictured;
use Ephemeron\Blueprint\Face;
use Ephemeron\WorkPlan;
use Illuminate\Support\Facades\Storage;

/** An opening in pixels, with the true prints: the book before it exists, to send. Flaps lie shut. */
final class OpeningPainter
{
    private const INK = '#20264d';

    /** @var array<string, \GdImage|null> pictures by their file, read once */
    private array $pictures = [];

    /** @var array<string, \GdImage> by their file and their size in pixels */
    private array $sheets = [];

    /** @param float $scale pixels to a millimetre */
    public function __construct(private readonly WorkPlan $plan, private readonly Prints $prints, private readonly float $scale)
    {
    }

    /**
     * @param list<Face> $opening
     * @return string PNG
     */
    public function png(array $opening): string
    {
        ob_start();
        imagepng($this->painted($opening), null, 6);

        return (string) ob_get_clean();
    }

    /** @param list<Face> $opening */
    private function painted(array $opening): \GdImage
    {
        $seen = new OpeningAreas($this->plan->blueprint, $opening);
        [$width, $height] = [$this->px($seen->size->width->inMillimetres()), $this->px($seen->size->height->inMillimetres())];
        $image = imagecreatetruecolor(max(1, $width + 1), max(1, $height + 1));
        imagefill($image, 0, 0, $this->colour($image, Palette::GROUND));
        foreach ($seen->areas as $area) {
            $this->area($image, $area);
        }

        return $image;
    }

    private function area(\GdImage $image, OpeningArea $shown): void
    {
        [$x, $y] = [$this->px($shown->area->left()->inMillimetres()), $this->px($shown->area->top()->inMillimetres())];
        [$right, $bottom] = [$this->px($shown->area->right()->inMillimetres()), $this->px($shown->area->bottom()->inMillimetres())];
        $seen = $this->prints->seen($shown->place);
        // A print covers its ground: that is painted only where there is none.
        if ($seen === null || ! $this->paste($image, $seen, $x, $y, $right - $x + 1, $bottom - $y + 1)) {
            $ground = $this->colour($image, $this->prints->colour($shown->place) ?? (new Palette)->of($shown->role));
            imagefilledrectangle($image, $x, $y, $right, $bottom, $ground);
        }
        imagerectangle($image, $x, $y, $right, $bottom, $this->colour($image, self::INK));
    }

    /** Cut out of the picture of the sheet, turned, and put in; not where there is no picture. */
    private function paste(\GdImage $image, SeenPrint $seen, int $x, int $y, int $width, int $height): bool
    {
        $sheet = $this->sheet($seen->picture);
        if ($sheet === null) {
            return false;
        }
        $place = $seen->crop->area;
        $left = $this->px($place->left()->inMillimetres() - $seen->picture->area->left()->inMillimetres());
        $top = $this->px($place->top()->inMillimetres() - $seen->picture->area->top()->inMillimetres());
        $isTurned = $seen->crop->quarters % 2 === 1;
        [$across, $down] = $isTurned ? [$height, $width] : [$width, $height];
        // What would lie beyond the sheet’s edge by a rounding is taken from inside of it.
        [$left, $top] = [max(0, min($left, imagesx($sheet) - $across)), max(0, min($top, imagesy($sheet) - $down))];
        if ($seen->crop->quarters === 0) {
            return imagecopy($image, $sheet, $x, $y, $left, $top, $across, $down);
        }
        $cut = imagecrop($sheet, ['x' => $left, 'y' => $top, 'width' => max(1, $across), 'height' => max(1, $down)]);
        // GD turns the other way round.
        $turned = $cut === false ? false : imagerotate($cut, -90 * $seen->crop->quarters, 0);

        return $turned !== false && imagecopy($image, $turned, $x, $y, 0, 0, $width, $height);
    }

    /** The picture of a sheet as large as it is painted: it is made so once, and then only cut. */
    private function sheet(Pictured $of): ?\GdImage
    {
        $picture = $this->picture($of->file);
        $size = [$this->px($of->area->width()->inMillimetres()), $this->px($of->area->height()->inMillimetres())];
        if ($picture === null || $size === [imagesx($picture), imagesy($picture)]) {
            return $picture;
        }
        $key = "{$of->file} {$size[0]} {$size[1]}";
        if (! isset($this->sheets[$key])) {
            $sheet = imagecreatetruecolor(max(1, $size[0]), max(1, $size[1]));
            imagecopyresampled($sheet, $picture, 0, 0, 0, 0, $size[0], $size[1], imagesx($picture), imagesy($picture));
            $this->sheets[$key] = $sheet;
        }

        return $this->sheets[$key];
    }

    private function picture(string $file): ?\GdImage
    {
        if (! array_key_exists($file, $this->pictures)) {
            $contents = $file === '' ? null : Storage::disk('local')->get("papers/{$file}");
            $picture = $contents === null ? false : @imagecreatefromstring($contents);
            $this->pictures[$file] = $picture === false ? null : $picture;
        }

        return $this->pictures[$file];
    }

    private function colour(\GdImage $image, string $colour): int
    {
        [$red, $green, $blue] = Palette::parts($colour);

        return (int) imagecolorallocate($image, $red, $green, $blue);
    }

    private function px(float $millimetres): int
    {
        return (int) round($millimetres * $this->scale);
    }
}

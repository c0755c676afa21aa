<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Drawer\Pictured;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Paper\StockRole;
use Ephemeron\WorkPlan;
use Illuminate\Support\Facades\Storage;

/** An opening in pixels, with the true prints: the book before it exists, to print or to send. Flaps lie shut. */
final class OpeningPainter
{
    private const INK = '#20264d';

    /** @var array<string, \GdImage|null> pictures by their file, read once */
    private array $pictures = [];

    /** @var array<string, \GdImage> by their file and their size in pixels */
    private array $sheets = [];

    /** @param float $scale pixels to a millimetre */
    public function __construct(private readonly WorkPlan $plan, private readonly Prints $prints, private float $scale)
    {
    }

    /**
     * @param list<Face> $opening
     * @return string PNG
     */
    public function png(array $opening): string
    {
        return $this->encoded($this->painted($opening));
    }

    /**
     * For paper, where nobody sees what it leaves out.
     *
     * @param list<Face> $opening
     * @param float $scale pixels to a millimetre of this one
     * @return string JPEG
     */
    public function jpeg(array $opening, float $scale): string
    {
        $this->scale = $scale;
        ob_start();
        imagejpeg($this->painted($opening), null, 85);

        return (string) ob_get_clean();
    }

    /** @param list<Face> $opening */
    private function painted(array $opening): \GdImage
    {
        $places = FacePlaces::pages($opening);
        $right = max(array_map(static fn (Rectangle $place): float => $place->right()->inMillimetres(), $places) ?: [1.0]);
        $bottom = max(array_map(static fn (Rectangle $place): float => $place->bottom()->inMillimetres(), $places) ?: [1.0]);
        $image = imagecreatetruecolor(max(1, $this->px($right) + 1), max(1, $this->px($bottom) + 1));
        imagefill($image, 0, 0, $this->colour($image, Palette::GROUND));
        foreach ($places as $key => $place) {
            $this->face($image, $this->plan->blueprint->face($key), $place->left()->inMillimetres(), $place->top()->inMillimetres());
        }

        return $image;
    }

    /** One piece with its letter side up, as it is printed; null where there is no picture of its paper. */
    public function piece(SeenPrint $seen): string
    {
        $area = $seen->crop->area->size();
        [$width, $height] = $seen->crop->quarters % 2 === 0 ? [$area->width, $area->height] : [$area->height, $area->width];
        $image = imagecreatetruecolor(max(1, $this->px($width->inMillimetres())), max(1, $this->px($height->inMillimetres())));
        $this->paste($image, $seen, 0, 0, imagesx($image), imagesy($image));

        return $this->encoded($image);
    }

    private function face(\GdImage $image, Face $face, float $left, float $top): void
    {
        $this->area($image, Rectangle::whole($face->size), $left, $top, $face, $this->plan->blueprint->part($face->paper->part)->role);
        $this->things($image, $face, $left, $top);
    }

    private function things(\GdImage $image, Face $face, float $left, float $top): void
    {
        $blueprint = $this->plan->blueprint;
        foreach ($blueprint->on($face->key) as $joint) {
            if ($joint->layer !== Layer::Flap) {
                $this->area($image, $joint->area, $left, $top, $joint, $blueprint->part($joint->from->part)->role);
            }
        }
        foreach ($blueprint->frontsOn($face->key) as $child) {
            $joint = $child->turns ? null : (new FrontJoint($blueprint))->of($child, $face);
            if ($joint !== null) {
                $this->things($image, $child, $left + $joint->area->left()->inMillimetres(), $top + $joint->area->top()->inMillimetres());
            }
        }
        foreach ($blueprint->flapsOn($face->key) as $flap) {
            $this->face(
                $image,
                $blueprint->face($flap->front),
                $left + $flap->area->left()->inMillimetres(),
                $top + $flap->area->top()->inMillimetres(),
            );
        }
    }

    private function area(\GdImage $image, Rectangle $area, float $left, float $top, Joint|Face $place, StockRole $role): void
    {
        [$x, $y] = [$this->px($left + $area->left()->inMillimetres()), $this->px($top + $area->top()->inMillimetres())];
        [$right, $bottom] = [$this->px($left + $area->right()->inMillimetres()), $this->px($top + $area->bottom()->inMillimetres())];
        $seen = $this->prints->seen($place);
        // A print covers its ground: that is painted only where there is none.
        if ($seen === null || ! $this->paste($image, $seen, $x, $y, $right - $x + 1, $bottom - $y + 1)) {
            $ground = $this->colour($image, $this->prints->colour($place) ?? (new Palette)->of($role));
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
        [$red, $green, $blue] = array_map(
            static fn (string $part): int => max(0, min(255, (int) hexdec($part))),
            str_split(str_pad(substr($colour, 1), 6, '0'), 2),
        );

        return (int) imagecolorallocate($image, $red, $green, $blue);
    }

    private function px(float $millimetres): int
    {
        return (int) round($millimetres * $this->scale);
    }

    private function encoded(\GdImage $image): string
    {
        ob_start();
        imagepng($image, null, 6);

        return (string) ob_get_clean();
    }
}

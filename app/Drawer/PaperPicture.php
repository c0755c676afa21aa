<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use Ephemeron\Paper\Side;
use Illuminate\Support\Facades\Storage;

/** Pictures of papers: taken for what their content is, not their name, and made small with GD. */
final readonly class PaperPicture
{
    private const MOST_PIXELS = 40_000_000;

    private const SIDE = 480;

    public function __construct(private SvgInPixels $svg)
    {
    }

    /**
     * @param string $contents of a PNG, JPEG or SVG
     * @return string name of the thumbnail it was kept as
     *
     * @throws UnusablePicture
     */
    public function keep(string $contents, Paper $paper, Side $side = Side::A): string
    {
        if ($this->svg->looksLike($contents)) {
            $contents = $this->svg->draw($contents, self::SIDE);
        }
        $size = @getimagesizefromstring($contents);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_PNG, IMAGETYPE_JPEG], true)) {
            throw UnusablePicture::notAPicture();
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw UnusablePicture::tooLarge();
        }
        $picture = @imagecreatefromstring($contents);
        if ($picture === false) {
            throw UnusablePicture::notAPicture();
        }
        $picture = $this->upright($picture, $contents);
        [$width, $height] = [imagesx($picture), imagesy($picture)];
        $scale = min(1.0, self::SIDE / max($width, $height));
        $small = imagescale($picture, max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));
        ob_start();
        imagejpeg($small === false ? $picture : $small, null, 82);
        $name = "paper-{$paper->id}".($side === Side::A ? '' : '-b').'.jpg';
        Storage::disk('local')->put("papers/{$name}", (string) ob_get_clean());

        return $name;
    }

    /** A telephone keeps a picture as it was held and says beside it which way is up (EXIF 2.32, tag 0x0112 Orientation). */
    private function upright(\GdImage $picture, string $contents): \GdImage
    {
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            return $picture;
        }
        fwrite($stream, $contents);
        rewind($stream);
        $said = @exif_read_data($stream, 'IFD0');
        fclose($stream);
        $orientation = is_array($said) && is_int($said['Orientation'] ?? null) ? $said['Orientation'] : 1;
        // Turned counter-clockwise by so much, then mirrored where it says so.
        $turned = match ($orientation) {
            3, 4 => imagerotate($picture, 180, 0),
            5, 6 => imagerotate($picture, 270, 0),
            7, 8 => imagerotate($picture, 90, 0),
            default => $picture,
        };
        $upright = $turned === false ? $picture : $turned;
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($upright, IMG_FLIP_HORIZONTAL);
        }

        return $upright;
    }
}

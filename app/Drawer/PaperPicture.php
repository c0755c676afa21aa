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
        $scale = min(1.0, self::SIDE / max($size[0], $size[1]));
        $small = imagescale($picture, max(1, (int) round($size[0] * $scale)), max(1, (int) round($size[1] * $scale)));
        ob_start();
        imagejpeg($small === false ? $picture : $small, null, 82);
        $name = "paper-{$paper->id}".($side === Side::A ? '' : '-b').'.jpg';
        Storage::disk('local')->put("papers/{$name}", (string) ob_get_clean());

        return $name;
    }
}

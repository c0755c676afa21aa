<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use App\Safekeeping\CannotBeKept;
use Ephemeron\Geometry\Perspective;
use Ephemeron\Paper\Side;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

/** Pictures of papers: taken for what their content is, not their name, kept as JPEG and handed out as small as they are wanted. */
final readonly class PaperPicture
{
    /** As large as phones make them. */
    private const MOST_BYTES = 12 * 1024 * 1024;

    /** Dots along the longer side of what is kept. */
    public const SIDE = 1200;

    /** Widths that are handed out. */
    public const WIDTHS = [160, 320, 640, self::SIDE];

    public const COLUMNS = ['A' => 'picture', 'B' => 'picture_b'];

    private const SWATCHES = ['A' => 'swatch', 'B' => 'swatch_b'];

    public function __construct(private SvgInPixels $svg)
    {
    }

    /**
     * The paper gets the picture, and its colour where it has none.
     *
     * @param string $contents of a PNG, JPEG or SVG
     *
     * @throws UnusablePicture
     */
    public function take(string $contents, Paper $paper, Side $side = Side::A): void
    {
        $contents = $this->svg->looksLike($contents) ? $this->svg->draw($contents, self::SIDE) : $contents;
        $this->keep(Pixels::read($contents), $paper, $side);
    }

    /**
     * The picture there is, squared up by the corners of the sheet on it.
     *
     * @param list<array{float, float}> $corners upper left, upper right, lower right, lower left; 0 to 1 across and down the picture
     *
     * @throws UnusablePicture
     */
    public function square(Paper $paper, Side $side, array $corners): void
    {
        $pixels = Pixels::read($this->contents($paper, $side) ?? throw UnusablePicture::notThere());
        $seen = array_map(static fn (array $at): array => [$at[0] * $pixels->width(), $at[1] * $pixels->height()], $corners);
        $perspective = Perspective::of($seen[0], $seen[1], $seen[2], $seen[3]) ?? throw UnusablePicture::notASheet();
        [$width, $height] = [$paper->width, $paper->height];
        $scale = min(900, self::SIDE) / max($width, $height);
        $this->keep(
            $pixels->squared($perspective, (int) round($width * $scale), (int) round($height * $scale)),
            $paper,
            $side,
        );
    }

    /** @return string|null a JPEG no wider than asked for; null where there is no picture */
    public function contents(Paper $paper, Side $side, int $width = self::SIDE): ?string
    {
        return $this->ofFile((string) $paper->pictureOf($side), $width);
    }

    /**
     * Where such a JPEG lies, for a print.
     *
     * @param string $name what it is kept as
     * @return string|null null where there is no picture, or nothing that can be shown
     */
    public function printable(string $name, int $width): ?string
    {
        $disk = Storage::disk('local');
        $isThere = rescue(fn (): bool => $this->ofFile($name, $width) !== null, false, report: false);
        $small = self::small($name, $width);
        $path = $disk->path($disk->exists($small) ? $small : "papers/{$name}");

        $seen = $isThere ? @getimagesize($path) : false;

        return $seen !== false && $seen[2] === IMAGETYPE_JPEG ? $path : null;
    }

    private function ofFile(string $name, int $width): ?string
    {
        $whole = $name === '' ? null : Storage::disk('local')->get("papers/{$name}");
        if ($whole === null || $width >= self::SIDE) {
            return $whole;
        }
        $small = self::small($name, $width);
        if (Storage::disk('local')->exists($small)) {
            return Storage::disk('local')->get($small);
        }
        $picture = Pixels::read($whole)->atMost($width)->jpeg(80);
        // Where there is no room for it it is drawn anew each time.
        rescue(static fn () => Storage::disk('local')->put($small, $picture), report: false);

        return $picture;
    }

    private static function small(string $name, int $width): string
    {
        return "papers/small/{$width}-{$name}";
    }

    private function keep(Pixels $pixels, Paper $paper, Side $side): void
    {
        $name = "paper-{$paper->id}".($side === Side::A ? '' : '-b').'.jpg';
        CannotBeKept::put("papers/{$name}", $pixels->atMost(self::SIDE)->jpeg());
        foreach (self::WIDTHS as $width) {
            Storage::disk('local')->delete(self::small($name, $width));
        }
        $swatch = self::SWATCHES[$side->value];
        $paper->fill([
            self::COLUMNS[$side->value] => $name,
            ...($paper->{$swatch} === '' ? [$swatch => $pixels->colour()] : []),
        ]);
        // A new edition, even within the same second, has an address of its own.
        $paper->setUpdatedAt(now()->max(($paper->updated_at ?? now())->addSecond()));
        $paper->save();
    }

    /** No more than PHP lets through, whatever serves it. */
    public static function mostBytes(): int
    {
        return (int) min(self::MOST_BYTES, UploadedFile::getMaxFilesize());
    }

    public static function mostMegabytes(): int
    {
        return intdiv(self::mostBytes(), 1024 * 1024);
    }
}

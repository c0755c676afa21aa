<?php

declare(strict_types=1);

namespace App\Print;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Arr;
use TCPDF_FONTS;
use TCPDF_STATIC;

/**
 * Typefaces of prints, cut down once to the letters that nearly all of them make do with: western and central European ones, fractions,
 * arrows, marks. They go into a print as they are; cutting whole ones down for every print took half the time of a short one.
 */
final readonly class UsualLetters
{
    /** As a class of a regular expression. */
    private const LETTERS = '\x{20}-\x{7E}\x{A0}-\x{17F}\x{2009}-\x{2033}\x{2044}\x{20AC}\x{2122}\x{2150}-\x{215F}\x{2190}-\x{21C4}'
        .'\x{2212}\x{2248}\x{2260}-\x{2265}';

    /** Where they are kept. */
    private string $folder;

    public function __construct(private Filesystem $files)
    {
        $this->folder = storage_path('framework/cache/typefaces/'.hash('xxh32', self::LETTERS.TCPDF_STATIC::getTCPDFVersion()));
    }

    /** Whether a text, of one line or several, can be set in them. */
    public static function suffice(string $text): bool
    {
        return preg_match('/^['.self::LETTERS.'\r\n\t]*$/uD', $text) === 1;
    }

    /**
     * What TCPDF reads of a typeface, with these letters.
     *
     * @param string $typeface one that comes with TCPDF, `dejavuserif`
     * @return string|null a file; null where it cannot be kept
     */
    public function of(string $typeface): ?string
    {
        $file = "{$this->folder}/{$typeface}.php";
        if (! $this->files->exists($file)) {
            rescue(fn () => $this->cutDown($typeface, $file), report: false);
        }

        return $this->files->exists($file) ? $file : null;
    }

    private function cutDown(string $typeface, string $file): void
    {
        $this->files->ensureDirectoryExists($this->folder);
        $whole = self::about(TCPDF_FONTS::getFontFullPath("{$typeface}.php"));
        [$of, $widths] = [Arr::string($whole, 'file'), Arr::array($whole, 'cw')];
        $widths = array_filter($widths, static fn (int|string $letter): bool => self::suffice(mb_chr((int) $letter)), ARRAY_FILTER_USE_KEY);
        $contents = (string) gzuncompress($this->files->get(TCPDF_FONTS::getFontFullPath($of)));
        $cut = TCPDF_FONTS::_getTrueTypeFontSubset($contents, array_fill_keys(array_keys($widths), true));
        $about = [...$whole, 'file' => "usual-{$of}", 'originalsize' => strlen($cut), 'cw' => $widths];
        // What is read first is written last, and whole: somebody else may print meanwhile.
        $this->files->replace("{$this->folder}/usual-{$of}", (string) gzcompress($cut, 9));
        $this->files->replace($file, '<?php extract('.var_export($about, true).');');
    }

    /** @return array<string, mixed> what TCPDF reads of a typeface, but for what it does not need */
    private static function about(string $definition): array
    {
        require $definition;
        unset($definition, $cbbox);

        return get_defined_vars();
    }
}

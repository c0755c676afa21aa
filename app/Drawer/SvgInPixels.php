<?php

declare(strict_types=1);

namespace App\Drawer;

use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/**
 * Turns an SVG picture into a PNG, so that no SVG from outside is ever shown by a browser. `rsvg-convert` (Debian's librsvg2-bin) reads it
 * from its standard input, where it follows no links to files or addresses.
 */
final readonly class SvgInPixels
{
    private const SECONDS = 10.0;

    public function __construct(private string $program = 'rsvg-convert')
    {
    }

    public function looksLike(string $contents): bool
    {
        return preg_match(
            '/^(?:\xEF\xBB\xBF)?\s*(?:<\?xml[^>]*>\s*)?(?:<!--.*?-->\s*)*(?:<!DOCTYPE\s+svg[^>\[]*>\s*)?<svg[\s>]/s',
            $contents,
        ) === 1;
    }

    /**
     * @param int $side of the square it is fitted into, in pixels
     * @return string a PNG
     *
     * @throws UnusablePicture
     */
    public function draw(string $svg, int $side): string
    {
        // Entities can blow up to any size; a drawing has no need of its own.
        if (stripos($svg, '<!ENTITY') !== false) {
            throw UnusablePicture::notAPicture();
        }
        $process = new Process(
            [$this->program, '--format=png', "--width={$side}", "--height={$side}", '--keep-aspect-ratio', '--background-color=white'],
            null,
            null,
            $svg,
            self::SECONDS,
        );
        try {
            $process->run();
        } catch (ExceptionInterface) {
            throw UnusablePicture::notAPicture();
        }
        if (in_array($process->getExitCode(), [126, 127], true)) {
            throw UnusablePicture::noSvgHere();
        }
        if (! $process->isSuccessful()) {
            throw UnusablePicture::notAPicture();
        }

        return $process->getOutput();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Symfony\Component\Process\Process;

/** The first page of a print as poppler renders it, which knows nothing of how it was made: ten dots to the millimetre. */
trait SeenByPoppler
{
    private function rendered(string $pdf): \GdImage
    {
        $page = new Process(['pdftoppm', '-r', '254', '-singlefile', '-png', '-'], null, null, $pdf);
        $page->mustRun();
        $image = imagecreatefromstring($page->getOutput());
        assert($image instanceof \GdImage);

        return $image;
    }
}

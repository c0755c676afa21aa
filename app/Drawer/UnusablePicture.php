<?php

declare(strict_types=1);

namespace App\Drawer;

final class UnusablePicture extends \RuntimeException
{
    public static function notAPicture(): self
    {
        return new self('That is not a PNG, JPEG or SVG picture.');
    }

    public static function named(string $file, self $refusal): self
    {
        return new self("{$file}: {$refusal->getMessage()}");
    }

    public static function notThere(): self
    {
        return new self('There is no picture of that side.');
    }

    public static function notASheet(): self
    {
        return new self('The four marks are not the corners of a sheet: upper left, upper right, lower right, lower left.');
    }

    public static function noSvgHere(): self
    {
        return new self('SVG pictures cannot be read on this machine: rsvg-convert (librsvg2-bin) is not there. Take a PNG or JPEG.');
    }

    public static function tooLarge(): self
    {
        return new self('That picture has more than 40 million dots; make it smaller first.');
    }
}

<?php

declare(strict_types=1);

namespace App\Drawer;

final class UnusablePicture extends \RuntimeException
{
    public static function notAPicture(): self
    {
        return new self('That is not a PNG or JPEG picture.');
    }

    public static function tooLarge(): self
    {
        return new self('That picture has more than 40 million dots; make it smaller first.');
    }
}

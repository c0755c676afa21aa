<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

/** Which drawing goes with a step. */
final readonly class Picture
{
    /** @param 'none'|'sheet'|'part'|'face'|'sections' $kind by key */
    public function __construct(public string $kind = 'none', public string $of = '')
    {
    }

    public static function none(): self
    {
        return new self;
    }

    /** All pieces, section by section. */
    public static function sections(): self
    {
        return new self('sections', '');
    }

    public static function sheet(string $key): self
    {
        return new self('sheet', $key);
    }

    public static function part(string $key): self
    {
        return new self('part', $key);
    }

    public static function face(string $key): self
    {
        return new self('face', $key);
    }
}

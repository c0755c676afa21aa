<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

/** Which drawing goes with a step. */
final readonly class Picture
{
    /** @param 'none'|'sheet'|'part'|'face'|'sections' $kind sheet: `stock/pattern`, by index; part and face: by key */
    private function __construct(public string $kind, public string $of)
    {
    }

    public static function none(): self
    {
        return new self('none', '');
    }

    /** All pieces, section by section. */
    public static function sections(): self
    {
        return new self('sections', '');
    }

    public static function sheet(int $stock, int $pattern): self
    {
        return new self('sheet', "{$stock}/{$pattern}");
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

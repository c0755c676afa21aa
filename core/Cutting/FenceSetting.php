<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\ToolGrid;

/** Where the fence stands on the trimmer's scale: at a mark, or so far past one. */
final readonly class FenceSetting
{
    private function __construct(public Length $fence, public Length $mark)
    {
    }

    public static function on(ToolGrid $scale, Length $fence): self
    {
        return new self($fence, $scale->down($fence));
    }

    public function isAtMark(): bool
    {
        return $this->fence->equals($this->mark);
    }

    public function past(): Length
    {
        return $this->fence->minus($this->mark);
    }

    /** What to do where the scale has no mark; empty at a mark. */
    public function advice(Notation $notation): string
    {
        if ($this->isAtMark()) {
            return '';
        }

        return sprintf(
            '%s falls between two marks of the trimmer: set it %s past %s, or mark the place with a ruler and lay it under the blade.',
            $notation->exact($this->fence),
            $notation->exact($this->past()),
            $notation->text($this->mark),
        );
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

use Ephemeron\Measure\Length;

/** What holds punched leaves: a coil that is wound in, or a wire of loops that is closed in the tool. */
enum Loops: string
{
    case Coil = 'coil';
    case ThreeToTheInch = 'wire-3';
    case TwoToTheInch = 'wire-2';

    /** From hole to hole, null where the tool says it; wires are sold by loops to the inch, three or two. */
    public function pitch(): ?Length
    {
        return match ($this) {
            self::Coil => null,
            self::ThreeToTheInch => Length::inches(1)->portion(1, 3),
            self::TwoToTheInch => Length::inches(0, 1, 2),
        };
    }

    /** Wires of three loops to the inch are made up to 9⁄16 in, of two up to 1¼ in (from memory). */
    public function largest(): ?Length
    {
        return match ($this) {
            self::Coil => null,
            self::ThreeToTheInch => Length::inches(0, 9, 16),
            self::TwoToTheInch => Length::inches(1, 1, 4),
        };
    }

    public function word(): string
    {
        return $this === self::Coil ? 'coil' : 'wire';
    }

    public function label(): string
    {
        return match ($this) {
            self::Coil => 'a coil',
            self::ThreeToTheInch => 'wire, 3:1',
            self::TwoToTheInch => 'wire, 2:1',
        };
    }
}

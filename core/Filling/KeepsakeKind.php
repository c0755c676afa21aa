<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

/** What is to go into a book. */
enum KeepsakeKind: string
{
    case Print = 'print';
    case Card = 'card';
    case Envelope = 'envelope';

    public function label(): string
    {
        return match ($this) {
            self::Print => 'photo',
            self::Card => 'card',
            self::Envelope => 'envelope',
        };
    }
}

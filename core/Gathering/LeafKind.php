<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** What a sheet is for the text block of a journal. */
enum LeafKind: string
{
    case Plain = 'plain';
    case Lined = 'lined';
    case Specialty = 'specialty';
    case Book = 'book';
    case Extra = 'extra';

    public function label(): string
    {
        return match ($this) {
            self::Plain => 'plain',
            self::Lined => 'lined',
            self::Specialty => 'specialty',
            self::Book => 'book page',
            self::Extra => 'extra',
        };
    }

    /** @return string what belongs to it */
    public function examples(): string
    {
        return match ($this) {
            self::Plain => 'white, or dyed in different hues',
            self::Lined => 'lined, squared, ledger',
            self::Specialty => 'vellum, patterned, music, maps, colouring, handmade',
            self::Book => 'novel, poem, quotes, dictionary, illustrated',
            self::Extra => 'envelopes, bags, doilies',
        };
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

/** Things of one kin stand together where one is chosen. */
enum Kin: string
{
    case Pockets = 'pockets';
    case Photos = 'photos';
    case Flaps = 'flaps';
    case Bands = 'bands';
    case Small = 'small';
    case Closures = 'closures';

    public function label(): string
    {
        return match ($this) {
            self::Pockets => 'Pockets',
            self::Photos => 'Photos',
            self::Flaps => 'Flaps and waterfalls',
            self::Bands => 'Bands',
            self::Small => 'Tabs, tags and tucks',
            self::Closures => 'Closures',
        };
    }
}

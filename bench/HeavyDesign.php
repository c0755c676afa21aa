<?php

declare(strict_types=1);

namespace Bench;

use Ephemeron\Format\DesignReader;

/** An album of forty leaves with something on every page: pockets, photo mats, flaps with a mat on their inside, a band. */
final readonly class HeavyDesign
{
    /** @return array<string, mixed> as a design file */
    public function file(): array
    {
        $furniture = [];
        for ($page = 1; $page <= 78; $page++) {
            $furniture[] = ['on' => "page-{$page}", ...match ($page % 4) {
                0 => ['kind' => 'pocket', 'parameters' => ['style' => 'double', 'card' => '3x4']],
                1 => ['kind' => 'photo-mat', 'parameters' => ['photo' => '3x4']],
                2 => ['kind' => 'flap', 'parameters' => ['reach' => '2'], 'children' => [['on' => 'inside', 'kind' => 'tuck-spot']]],
                default => ['kind' => 'belly-band', 'parameters' => ['runs' => 'across']],
            }];
        }

        return [
            'format' => DesignReader::FORMAT,
            'version' => DesignReader::VERSION,
            'structure' => 'nested-gusset-album',
            'name' => 'Forty leaves',
            'unit' => 'in',
            'parameters' => ['sheets' => 20],
            'furniture' => $furniture,
            'materials' => ['structure-card' => ['sheet' => 'a3']],
        ];
    }
}

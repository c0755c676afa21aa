<?php

declare(strict_types=1);

namespace Ephemeron\Format\Drawn;

/**
 * What a line of a drawing is, by the name of its layer: `cut`, `SCORE_VALLEY`, `mountain folds`, `slits`. Its value is the letter of the
 * FOLD format.
 */
enum LineLayer: string
{
    case Rim = 'B';
    case Valley = 'V';
    case Mountain = 'M';
    case Slit = 'C';

    /** Words of a layer’s name, in the order in which they are looked for: a mountain score is a mountain. */
    private const NAMES = [
        'mountain' => self::Mountain,
        'slit' => self::Slit,
        'valley' => self::Valley,
        'either' => self::Valley,
        'score' => self::Valley,
        'crease' => self::Valley,
        'fold' => self::Valley,
        'cut' => self::Rim,
        'outline' => self::Rim,
        'rim' => self::Rim,
    ];

    /** @param list<string> $layers the innermost first */
    public static function named(array $layers): ?self
    {
        foreach ($layers as $layer) {
            foreach (self::NAMES as $word => $is) {
                if (str_contains(mb_strtolower($layer), $word)) {
                    return $is;
                }
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Closing;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Lump;
use Ephemeron\Blueprint\Magnet;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Measure\Length;

/**
 * Magnets under the mats: the first is glued ½ to ¾ in from the edge (a finger's width, so that the mat seals), the second set on it, the flap closed
 * squared up, and pressed. Source: common practice, no published source.
 */
final readonly class MagnetPair
{
    public function __construct(private Spot $spot)
    {
    }

    /** Two thin discs, about 1.5 mm where they lie. */
    public static function thickness(): Length
    {
        return Length::micrometres(1500);
    }

    /**
     * @param Length $across breadth of what is held
     * @param list<string> $parts pieces that belong to it
     */
    public function add(string $name, int $pairs, Length $across, array $parts = [], int $layers = 2): void
    {
        $spot = $this->spot;
        $layer = Length::micrometres(300);
        $spot->draft->add(new Magnet($name, $spot->face->key, $pairs, $across, $layer->times($layers), $layer, $spot->placeOf('pairs')));
        $spot->draft->add(new Lump('magnets', $spot->face->key, self::thickness()));
        $spot->draft->add(new Loose('Magnet, thin disc', null, 2 * $pairs, 'Closure', Sundry::Magnet));
        $spot->draft->add(new Closing('magnets'));
        $spot->draft->task(new Task(
            'magnets',
            Phase::Closure,
            'Set the magnets',
            sprintf(
                'Glue the first of each pair %s from the edge, in the middle%s. Set the second on it with a drop of glue, close the flap squared up and press: they find their own places. Mats come over them later; do not burnish there.',
                $spot->notation->text($spot->allowances->either(Length::inches(0, 5, 8), Length::millimetres(15))),
                $pairs > 1 ? ' of each half' : '',
            ),
            'Closure',
            Adhesive::WetGlue,
            $parts,
            places: [$spot->face->name],
            face: $spot->face->key,
            caution: Caution::Magnet,
        ));
    }
}

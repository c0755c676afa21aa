<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Depth;
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
 * Magnets under the mats: the first is glued ½ to ¾ in from the edge (a finger's width, so that the mat seals), the second set on it, the
 * flap closed squared up, and pressed. Source: common practice, no published source.
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
    public function add(
        string $name,
        int $pairs,
        Length $across,
        array $parts = [],
        int $layers = 2,
        string $task = 'magnets',
        Depth $depth = Depth::UnderMat,
    ): void {
        $spot = $this->spot;
        $layer = Length::micrometres(300);
        $spot->draft->add(
            new Magnet(
                $name,
                $spot->face->key,
                $pairs,
                $across,
                $layer->times($layers),
                $layer,
                $spot->placeOf('pairs'),
                $task,
                $depth === Depth::UnderMat ? null : '',
                $depth,
            ),
        );
        $spot->draft->add(new Lump('magnets', $spot->face->key, self::thickness()));
        $spot->draft->add(new Loose('Magnet, thin disc', null, 2 * $pairs, 'Closure', Sundry::Magnet));
        $spot->draft->add(new Closing('magnets'));
        $spot->draft->task(new Task(
            $task,
            $depth === Depth::UnderMat ? Phase::Closure : Phase::Fill,
            $depth === Depth::UnderMat ? 'Set the magnets' : 'Set the magnets of the pull waterfalls',
            'Do not burnish over them.',
            'Closure',
            Adhesive::WetGlue,
            $parts,
            places: [$spot->face->name],
            face: $spot->face->key,
            caution: Caution::Magnet,
        ));
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * Two boards and a spine board, joined by a strip outside and one inside. Between board and spine a gap of two board
 * thicknesses, about ⅛ in, is left; less than that cracks the wrapping. Source: common practice, no published source.
 */
final readonly class BoardCase
{
    public const BOARD = 'cover-board';

    public const SPINE = 'spine-board';

    /**
     * @param Size $board of one cover
     * @param Length $spine width of the spine board
     * @param Length $gap between spine board and cover board
     * @param Size|null $outside strip over the spine, wider than the spine and both gaps
     * @param Size|null $inside strip inside
     * @param Length|null $spineHeight of the spine board, where it is not as tall as the boards
     */
    public function __construct(
        private Size $board,
        private Length $spine,
        private Length $gap,
        private ?Size $outside,
        private ?Size $inside,
        private string $boardWhy,
        private string $spineWhy,
        private ?Length $spineHeight = null,
    ) {
    }

    public function spine(): Size
    {
        return new Size($this->spine, $this->spineHeight ?? $this->board->height);
    }

    /** How far a strip of this width reaches onto each cover board. */
    public function overlap(Length $strip): Length
    {
        return $strip->minus($this->spine, $this->gap->times(2))->half();
    }

    public function addTo(Draft $draft, Notation $notation): void
    {
        $draft->part(
            new Part(
                self::BOARD,
                'Cover board',
                'Case',
                $this->board,
                StockRole::Board,
                2,
                upright: false,
                places: ['front', 'back'],
                why: $this->boardWhy,
            ),
        );
        $draft->part(
            new Part(
                self::SPINE,
                'Spine board',
                'Case',
                $this->spine(),
                StockRole::Board,
                upright: false,
                places: ['spine'],
                why: $this->spineWhy,
            ),
        );
        $strips = [];
        foreach ([
            'outer-wrap' => [$this->outside, 'Spine wrap, outside', Side::A],
            'inner-wrap' => [$this->inside, 'Spine wrap, inside', Side::B],
        ] as $key => [$size, $name, $side]) {
            if ($size === null) {
                continue;
            }
            $strips[] = $draft->part(new Part($key, $name, 'Case', $size, StockRole::CoverPaper, places: ['spine'], why: sprintf(
                'Spine %s, two gaps of %s and %s onto each board.',
                $notation->number($this->spine),
                $notation->number($this->gap),
                $notation->text($this->overlap($size->width)),
            )));
            $draft->add(
                new Joint(
                    new PanelRef($key, 'whole', Side::B),
                    new PanelRef(self::SPINE, 'whole', $side),
                    Rectangle::centred($size, $this->spine()),
                    Adhesive::WetGlue,
                    Layer::Cover,
                    'make-case',
                    isLap: true,
                ),
            );
        }
        if ($strips === []) {
            return;
        }
        $draft->task(new Task(
            'make-case',
            Phase::Assemble,
            'Join the boards to the spine',
            sprintf(
                'Lay board, spine board, board in a row against a ruler, heads level, %s between them: less than two thicknesses of '
                    .'board cracks the wrapping.%s Work the strip into both gaps with the bone folder, close the case once while the '
                    .'glue is damp.',
                $notation->text($this->gap),
                count($strips) < 2 ? '' : ' Outside first, then inside.',
            ),
            'Case',
            Adhesive::WetGlue,
            [self::BOARD, self::SPINE, ...$strips],
            acts: [Handling::dryFit(self::BOARD, self::SPINE), Handling::press(60, ...$strips)],
        ));
    }
}

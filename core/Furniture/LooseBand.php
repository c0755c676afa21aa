<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Thread;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Band;
use Ephemeron\Blueprint\Closing;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\StockRole;

/**
 * A strip round the closed album, its ends glued to each other, never to the book: snug, not tight, and made when the album is filled.
 * Source: common practice, no published source.
 */
final readonly class LooseBand implements Furniture
{
    public function key(): string
    {
        return 'loose-band';
    }

    public function name(): string
    {
        return 'Loose band';
    }

    public function summary(): string
    {
        return 'A loop that slides over the closed, filled album and keeps it shut.';
    }

    public function kin(): Kin
    {
        return Kin::Closures;
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'breadth',
                'Breadth',
                'Of the band.',
                Length::inches(0, 1, 2),
                Length::inches(6),
                Length::inches(1),
                Length::millimetres(25),
            ),
            Parameter::length(
                'length',
                'Length',
                'Of the strip before its ends are joined.',
                Length::inches(4),
                Length::inches(48),
                Length::inches(12),
                Length::millimetres(300),
            ),
            Parameter::choice(
                'runs',
                'Goes round',
                'Which way.',
                ['across' => 'from side to side', 'upright' => 'over head and foot'],
                'across',
            ),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $across = $spot->values->choice('runs') === 'across';
        [$length, $breadth] = [$spot->values->length('length'), $spot->values->length('breadth')];
        $part = $spot->draft->part(
            new Part(
                $spot->key,
                'Loose band',
                'Bands',
                $across ? new Size($length, $breadth) : new Size($breadth, $length),
                StockRole::CoverPaper,
                upright: false,
                places: ['round the album'],
                why: 'Once round the filled album, and an overlap.',
            ),
        );
        $along = $across ? $spot->size()->width : $spot->size()->height;
        $spot->draft->add(
            new Band(
                $part,
                $length,
                $along,
                $spot->allowances->either(Length::inches(0, 1, 2), Length::millimetres(12)),
                $spot->face->key,
                $spot->placeOf('length'),
            ),
        );
        $spot->draft->add(new Closing('a loose band'));
        $spot->draft->task(new Task(
            'loose-band',
            Phase::Finish,
            'Make the band round the filled album',
            'Fill the album first. Wrap the strip round it snug but not tight, crease it at the edges, and glue its ends to each other, '
                .'not to the book. A medallion hides the joint.',
            'Bands',
            Adhesive::WetGlue,
            [$part],
            face: $spot->face->key,
            acts: [new Thread('the band', [$part], pierced: false)],
        ));
        $area = $across
            ? Rectangle::centred(new Size($spot->size()->width, Length::shortest($breadth, $spot->size()->height)), $spot->size())
            : Rectangle::centred(new Size(Length::shortest($breadth, $spot->size()->width), $spot->size()->height), $spot->size());

        return new Placement($area);
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\StockRole;

/**
 * A loose tag in the pocket it is put on: 3⁄16 in (5 mm) narrower than what the glue leaves, nearly as tall as the pocket, so that it
 * neither sticks nor vanishes. Elsewhere it is a tag of its own size, kept behind something. Common practice, no published source.
 */
final readonly class Tag implements Furniture
{
    public function key(): string
    {
        return 'tag';
    }

    public function name(): string
    {
        return 'Tag';
    }

    public function summary(): string
    {
        return 'A loose tag with clipped corners, for the pocket it is put on.';
    }

    public function kin(): Kin
    {
        return Kin::Small;
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'width',
                'Width',
                'Empty: what slides in its pocket, else 2½ in (6 cm).',
                Length::inches(0, 3, 4),
                Length::inches(24),
            ),
            Parameter::length(
                'height',
                'Height',
                'Empty: a little taller than its pocket, else 5 in (12 cm).',
                Length::inches(1),
                Length::inches(24),
            ),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $pouch = $this->pouch($spot);
        $allow = $spot->allowances;
        $proud = $allow->tab();
        $size = new Size(
            $spot->length(
                'width',
                $pouch === null ? $allow->either(Length::inches(2, 1, 2), Length::millimetres(60)) : Length::longest(
                    $pouch->innerWidth()->minus($allow->quarter()),
                    Length::inches(0, 3, 4),
                ),
            ),
            $spot->length(
                'height',
                $pouch === null ? $allow->either(Length::inches(5), Length::millimetres(120))
                    : Length::shortest($pouch->depth()->plus($proud), $pouch->reach),
            ),
        );
        $part = $spot->draft->part(
            new Part(
                $spot->key,
                'Tag',
                'Small things',
                $size,
                StockRole::InsertCard,
                upright: false,
                places: [$spot->face->name],
                corners: Corner::along(Edge::Top, Trim::Mitred, $allow->either(Length::inches(0, 1, 2), Length::millimetres(12))),
                why: $pouch === null ? 'A size of its own.' : sprintf(
                    'The pocket is %s between the glue: less %s it slides; a little taller than the pocket, so that it can be taken hold '
                        .'of.',
                    $spot->notation->text($pouch->innerWidth()),
                    $spot->notation->text($allow->quarter()),
                ),
            ),
        );
        if ($pouch !== null) {
            $spot->draft->add(new Filling($part, $pouch->key));
        }
        $spot->draft->task(
            new Task(
                'tags',
                Phase::Fill,
                'Finish the tags',
                'Clip both corners alike, punch the hole in the middle of the head, tie the ribbon; slip it in.',
                'Small things',
                parts: [$part],
                places: [$spot->face->name],
                face: $spot->face->key,
                acts: [$pouch === null ? Handling::setAside($part) : new Slip($part, $pouch->key)],
            ),
        );

        return new Placement(Rectangle::centred(Size::inches(0.5, 0.5), $spot->size()));
    }

    /** The pocket whose front the tag was put on. */
    private function pouch(Spot $spot): ?Pouch
    {
        return $spot->draft->find(Pouch::class, preg_replace('#/front$#', '', $spot->face->key) ?? '');
    }
}

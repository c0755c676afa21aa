<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Face;
use Ephemeron\Fit\Layout;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Rectangle;

/** The book opened at one place: one or two faces, true to scale, with rulers, its flaps shut or lifted. */
final readonly class SpreadDrawing
{
    public function __construct(private Layout $layout, private Prints $prints = new Prints)
    {
    }

    /** @return list<list<Face>> every opening of the book in reading order, one or two faces each */
    public function openings(): array
    {
        $openings = [];
        $seen = [];
        foreach ($this->layout->blueprint->pages() as $key => $face) {
            if (isset($seen[$key])) {
                continue;
            }
            $right = $this->layout->blueprint->rightOf($key);
            $openings[] = $right === null ? [$face] : [$face, $this->layout->blueprint->face($right)];
            $seen[$right ?? $key] = true;
        }

        return $openings;
    }

    /** @return list<Face> the opening in which a face, or the page it sits on, is seen */
    public function openingOf(string $face): array
    {
        $page = $this->layout->blueprint->pageOf($face)->key;
        foreach ($this->openings() as $opening) {
            foreach ($opening as $seen) {
                if ($seen->key === $page) {
                    return $opening;
                }
            }
        }

        return $this->openings()[0];
    }

    /**
     * @param list<Face> $opening
     * @param callable(Face): string|null $link where a press on a face leads
     * @param list<string> $lifted keys of flaps
     * @param float|null $step how far a thing moves at a time, in mm; null where nothing can be moved
     */
    public function draw(
        array $opening,
        ?string $chosen = null,
        ?callable $link = null,
        bool $rulers = true,
        array $lifted = [],
        ?float $step = null,
    ): SvgDrawing {
        // Shut, everything lies within the pages: a small picture need not look further.
        $places = new FacePlaces($this->layout->blueprint, $opening, $lifted, $link !== null || $chosen !== null || $lifted !== []);
        $whole = $places->bounds();
        $drawing = $this->ground($opening, $whole, $rulers);
        foreach (FacePlaces::pages($opening) as $key => $area) {
            $face = $this->layout->blueprint->face($key);
            $drawing->shifted(
                $area->left(),
                $area->top(),
                fn (SvgDrawing $drawing) => (new FaceDrawing($this->layout, $lifted, prints: $this->prints))
                    ->draw($drawing, $face, $rulers),
            );
        }
        if ($link !== null) {
            $this->addLinks($drawing, $places, $link, $lifted);
        }
        $place = $chosen === null ? null : $places->places[$chosen] ?? null;
        if ($chosen !== null && $place !== null) {
            $this->mark($drawing, $place);
            if ($step !== null) {
                $this->addHandles($drawing, $this->layout->blueprint->face($chosen), $place, $step);
            }
        }

        return $drawing;
    }

    /**
     * An opening without anything on it, of the size of its small picture.
     *
     * @param list<Face> $opening
     */
    public function blank(array $opening): SvgDrawing
    {
        return $this->ground($opening, (new FacePlaces($this->layout->blueprint, $opening, [], false))->bounds(), false);
    }

    /**
     * One page from edge to edge; what sticks out beyond it is not shown.
     *
     * @param bool $flaps whether its flaps are drawn, shut
     */
    public function page(Face $face, bool $flaps = true): SvgDrawing
    {
        $drawing = SvgDrawing::around(Rectangle::whole($face->size), 0.0, $face->name);
        (new FaceDrawing($this->layout, prints: $this->prints, hasFlaps: $flaps))->draw($drawing, $face, false);

        return $drawing;
    }

    /** @param list<Face> $opening */
    private function ground(array $opening, Rectangle $whole, bool $rulers): SvgDrawing
    {
        $names = implode(' and ', array_map(static fn (Face $face): string => lcfirst($face->name), $opening));
        if (! $rulers) {
            return SvgDrawing::around($whole, 3.0, "The book opened at {$names}");
        }
        $depth = Ruler::depth($whole->width(), $whole->height());
        [$left, $top, $width, $height] = $whole->inMillimetres();
        $drawing = new SvgDrawing(
            $left - 2.7 * $depth,
            $top - 2.2 * $depth,
            $width + 3.4 * $depth,
            $height + 2.9 * $depth,
            "The book opened at {$names}",
        );
        $drawing->shifted(
            $whole->left(),
            $whole->top(),
            fn (SvgDrawing $drawing) => (new Ruler($this->layout->design->unit))->draw($drawing, $whole->width(), $whole->height()),
        );

        return $drawing;
    }

    private function mark(SvgDrawing $drawing, Rectangle $place): void
    {
        $drawing->rectangle($place, ['class' => 'chosen-mark', 'fill' => 'none', 'stroke' => '#8a6416', 'stroke-width' => '1.4']);
    }

    /**
     * Pages and the flaps on them, shut ones by their front, lifted ones by their inside.
     *
     * @param callable(Face): string $link
     * @param list<string> $lifted
     */
    private function addLinks(SvgDrawing $drawing, FacePlaces $places, callable $link, array $lifted): void
    {
        foreach ($places->places as $key => $place) {
            $face = $this->layout->blueprint->face($key);
            if (! $face->isOfTheBook() && ! $this->isSeenFlap($face, $lifted)) {
                continue;
            }
            $drawing->open('a', ['href' => $link($face), 'class' => 'face', 'aria-label' => $face->name]);
            $drawing->rectangle($place, ['fill' => 'transparent']);
            $drawing->close('a');
        }
    }

    /** @param list<string> $lifted */
    private function isSeenFlap(Face $face, array $lifted): bool
    {
        foreach ($this->layout->blueprint->flapsOn($face->parent ?? '') as $flap) {
            $isLifted = in_array($flap->key, $lifted, true);
            if (($flap->front === $face->key && ! $isLifted) || ($flap->inside === $face->key && $isLifted)) {
                return true;
            }
        }

        return false;
    }

    /** What can be taken hold of and moved on the chosen face. */
    private function addHandles(SvgDrawing $drawing, Face $face, Rectangle $place, float $step): void
    {
        foreach ($this->layout->blueprint->thingsOn($face->key) as $thing) {
            $ways = $thing->along === null ? ($thing->moves ? 'both' : 'none') : $thing->along->value;
            $drawing->open('g', [
                'class' => 'handle',
                'role' => 'button',
                'tabindex' => '0',
                'aria-label' => "{$thing->name}: ".($ways === 'none' ? 'it stays where it is' : 'arrow keys move it'),
                'data-place' => $thing->place,
                'data-ways' => $ways,
                'data-step' => $step,
                'data-left' => $thing->area->left()->inMillimetres(),
                'data-top' => $thing->area->top()->inMillimetres(),
            ]);
            $drawing->rectangle(
                Rectangle::at($place->left()->plus($thing->area->left()), $place->top()->plus($thing->area->top()), $thing->area->size()),
                ['fill' => 'transparent'],
            );
            $drawing->close('g');
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Face;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\WorkPlan;

/** The opened book: the faces that are seen together, true to scale with rulers. */
final readonly class SpreadDrawing
{
    public function __construct(private WorkPlan $plan)
    {
    }

    /** @return list<list<Face>> every opening of the book in reading order, one or two faces each */
    public function openings(): array
    {
        $openings = [];
        $seen = [];
        foreach ($this->plan->blueprint->pages() as $key => $face) {
            if (isset($seen[$key])) {
                continue;
            }
            $right = $this->plan->blueprint->openings[$key] ?? null;
            $openings[] = $right === null ? [$face] : [$face, $this->plan->blueprint->face($right)];
            $seen[$right ?? $key] = true;
        }

        return $openings;
    }

    /** @return list<Face> the opening in which a face is seen */
    public function openingOf(string $face): array
    {
        foreach ($this->openings() as $opening) {
            foreach ($opening as $seen) {
                if ($seen->key === $face) {
                    return $opening;
                }
            }
        }

        return $this->openings()[0];
    }

    /**
     * @param list<Face> $opening
     * @param callable(Face): string|null $link where a press on a face leads
     */
    public function draw(array $opening, ?string $chosen = null, ?callable $link = null, bool $rulers = true): SvgDrawing
    {
        $width = Length::zero()->plus(...array_map(static fn (Face $face): Length => $face->size->width, $opening));
        $height = $opening[0]->size->height;
        $names = implode(' and ', array_map(static fn (Face $face): string => lcfirst($face->name), $opening));
        $whole = Rectangle::whole(new Size($width, $height));
        $depth = Ruler::depth($width, $height);
        $drawing = $rulers
            ? new SvgDrawing(-2.7 * $depth, -2.2 * $depth, $width->inMillimetres() + 3.4 * $depth, $height->inMillimetres() + 2.9 * $depth, "The book opened at {$names}")
            : SvgDrawing::around($whole, 3.0, "The book opened at {$names}");
        if ($rulers) {
            (new Ruler($this->plan->design->unit))->draw($drawing, $width, $height);
        }
        $x = Length::zero();
        foreach ($opening as $face) {
            $drawing->shifted($x, Length::zero(), function (SvgDrawing $drawing) use ($face, $chosen, $link, $rulers): void {
                (new FaceDrawing($this->plan))->draw($drawing, $face, $rulers);
                if ($face->key === $chosen) {
                    $drawing->rectangle(Rectangle::whole($face->size), ['class' => 'chosen-mark', 'fill' => 'none', 'stroke' => '#8a6416', 'stroke-width' => '1.4']);
                }
                if ($link !== null) {
                    $drawing->open('a', ['href' => $link($face), 'class' => 'face', 'aria-label' => $face->name]);
                    $drawing->rectangle(Rectangle::whole($face->size), ['fill' => 'transparent']);
                    $drawing->close('a');
                }
            });
            $x = $x->plus($face->size->width);
        }

        return $drawing;
    }
}

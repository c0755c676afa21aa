<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Bench\Picture;
use Ephemeron\Bench\Step;
use Ephemeron\Binding\Sew;
use Ephemeron\Binding\Sewing;
use Ephemeron\Blueprint\Act\Nest;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Structure\Gathered;
use Ephemeron\WorkPlan;

/** The drawing that goes with a step at the bench. */
final readonly class StepDrawing
{
    public function __construct(private WorkPlan $plan, private Prints $prints = new Prints)
    {
    }

    public function of(Step $step): ?SvgDrawing
    {
        foreach ($step->acts as $act) {
            $drawing = $act instanceof Sew || $act instanceof Nest ? $this->leaves($act) : null;
            if ($drawing !== null) {
                return $drawing;
            }
        }

        return (new TableDrawing($this->plan, $this->prints))->draw($step) ?? $this->draw($step->picture);
    }

    public function draw(Picture $picture): ?SvgDrawing
    {
        return match ($picture->kind) {
            'sheet' => $this->sheet($picture->of),
            'part' => (new PartDrawing($this->plan->notation()))->draw($this->plan->blueprint->part($picture->of)),
            'face' => $this->face($picture->of),
            'sections' => (new SectionsDrawing($this->plan))->draw(),
            'none' => null,
        };
    }

    /** The first signature from its foot, or the way of the thread. */
    private function leaves(Nest|Sew $act): ?SvgDrawing
    {
        $blueprint = $this->plan->blueprint;
        $sewing = $blueprint->all(Sewing::class)[0] ?? null;
        $gathered = $blueprint->all(Gathered::class)[0] ?? null;
        if ($act instanceof Sew) {
            return $sewing === null ? null : (new StitchDrawing($this->plan->notation()))->draw($sewing);
        }

        return $gathered === null ? null : (new SignatureDrawing)->draw(
            $gathered->block->signatures[0],
            array_map(static fn (string $part): string => $blueprint->part($part)->letter, $gathered->parts[0]),
            $gathered->template->leaf->width,
        );
    }

    private function sheet(string $key): ?SvgDrawing
    {
        $sheet = $this->plan->sheet($key);

        return $sheet === null ? null : (new CutSheetsSvg)->draw($sheet, $this->plan->notation(), $sheet->supply->name);
    }

    private function face(string $key): SvgDrawing
    {
        $spreads = new SpreadDrawing($this->plan->layout, $this->prints);
        $face = $this->plan->blueprint->face($key);
        while ($face->parent !== null) {
            $face = $this->plan->blueprint->face($face->parent);
        }

        return $spreads->draw($spreads->openingOf($face->key));
    }
}

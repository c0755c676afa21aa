<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\WorkPlan;

/** The book as it lies before the reader in one of its states. */
final readonly class PoseDrawing
{
    private Palette $palette;

    public function __construct(private WorkPlan $plan)
    {
        $this->palette = new Palette;
    }

    public function draw(Pose $pose, float $margin = 3.0): SvgDrawing
    {
        $drawing = SvgDrawing::around($pose->bounds(), $margin, "{$this->plan->structure->about()->name}: ".lcfirst($pose->name));
        foreach ($pose->seen as $seen) {
            $drawing->shifted($seen->area->left(), $seen->area->top(), fn (SvgDrawing $drawing) => $this->drawSeen($drawing, $seen));
        }

        return $drawing;
    }

    private function drawSeen(SvgDrawing $drawing, Seen $seen): void
    {
        if ($seen->face !== null) {
            (new FaceDrawing($this->plan->layout))->draw($drawing, $this->plan->blueprint->face($seen->face), false);

            return;
        }
        $role = $this->plan->blueprint->part($seen->paper->part)->role;
        $drawing->paper(Rectangle::whole($seen->area->size()), $this->palette->of($role), $this->palette->classOf($role));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\OpeningPainter;
use App\Drawing\Prints;
use App\Drawing\SmallPictures;
use App\Drawing\SpreadDrawing;
use App\Models\Project;
use App\Planning\Plans;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A still of one opening, with the prints that will be there. */
final readonly class OpeningController
{
    /** Pixels to a millimetre: about 150 to the inch. */
    private const SCALE = 6.0;

    public function __construct(private SmallPictures $small)
    {
    }

    /** The small picture in the strip of all openings. */
    public function small(Project $project, int $number, Plans $plans): Response
    {
        $plan = $plans->plan($project);

        return response($this->small->of($plan, Prints::of($plan), [$number - 1])[$number - 1] ?? abort(404));
    }

    public function __invoke(Project $project, int $number, Plans $plans): Response
    {
        $plan = $plans->plan($project);
        $opening = (new SpreadDrawing($plan->layout))->openings()[$number - 1] ?? abort(404);

        return response((new OpeningPainter($plan, Prints::of($plan), self::SCALE))->png($opening), 200, [
            'Content-Type' => 'image/png',
            'Content-Disposition' => sprintf('inline; filename="%s-%d.png"', Str::slug($project->name) ?: 'project', $number),
        ]);
    }
}

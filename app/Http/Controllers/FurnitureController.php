<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MoveThingRequest;
use App\Http\Requests\PlaceFurnitureRequest;
use App\Http\Requests\RemoveThingRequest;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use App\Planning\SpotOnFace;
use App\Planning\ThingMover;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Fit\Layout;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Furniture\Showroom;
use Illuminate\Http\RedirectResponse;

/** Puts things onto faces, moves them and takes them off; their measures are changed like everything else in the design. */
final readonly class FurnitureController
{
    public function __construct(private ProjectEditor $editor, private Plans $plans, private Showroom $showroom)
    {
    }

    public function store(PlaceFurnitureRequest $request, Project $project): RedirectResponse
    {
        $layout = $this->plans->layout($project);
        $face = $layout->blueprint->faces[$request->string('face')->value()] ?? null;
        if ($face === null) {
            return redirect()->to($request->returnTo($project), 303)->withErrors(['furniture' => 'That face is not in this book.']);
        }
        $kind = $request->string('kind')->value();
        [$place, $on] = $this->placeFor($layout, $face, $kind);
        $placed = ['on' => $on, 'kind' => $kind, 'parameters' => $request->parameters()];
        $spot = $request->string('spot')->value();
        if ($spot !== '') {
            $thing = (new ThingMover($this->plans->layout($project, [$place => $placed])))->thingAt($place);
            $spotOnFace = new SpotOnFace($this->showroom->get($kind));
            $size = $thing === null ? $face->size : $thing->area->size();
            $placed['parameters'] = [...$placed['parameters'], ...$spotOnFace->parameters($spot, $face->size, $size, $layout->notation())];
        }
        $changes = [$place => $placed];
        if ($request->filled(['left', 'top'])) {
            $changes = $this->centredAt($project, $place, $placed, (float) $request->float('left'), (float) $request->float('top'));
        }

        return $this->change($request, $project, $changes);
    }

    public function update(MoveThingRequest $request, Project $project): RedirectResponse
    {
        $mover = new ThingMover($this->plans->layout($project));
        $thing = $mover->thingAt($request->string('place')->value());
        $changes = $thing === null ? [] : $mover->to($thing, $request->float('left'), $request->float('top'));

        return $changes === []
            ? redirect()->to($request->returnTo($project), 303)->withErrors(['furniture' => 'That cannot be moved.'])
            : $this->change($request, $project, $changes);
    }

    /** One's own thing goes, a usual one is remembered as taken off. */
    public function destroy(RemoveThingRequest $request, Project $project): RedirectResponse
    {
        $place = $request->string('place')->value();
        $placed = $this->plans->layout($project)->furnished->at($place);

        return $this->change($request, $project, $placed === null ? [] : $placed->standing->takingOff($place));
    }

    /**
     * On a face of the book, or among the things on the thing whose face it is.
     *
     * @return array{string, string} place in the design, and the name of the face there
     */
    private function placeFor(Layout $layout, Face $face, string $kind): array
    {
        foreach ($layout->blueprint->all(Thing::class) as $thing) {
            $name = array_search($face->key, $thing->faces, true);
            if ($name !== false) {
                $there = array_column($layout->furnished->on($thing->place), 'key');
                for ($number = count($there) + 1; in_array("{$kind}-{$number}", $there, true); $number++);

                return ["{$thing->place}.children.{$kind}-{$number}", $name];
            }
        }

        return ['things.'.$layout->design->things->freeKey($face->key, $kind, $layout->furnished->things), $face->key];
    }

    /**
     * @param array<string, mixed> $placed
     * @return array<string, mixed>
     */
    private function centredAt(Project $project, string $place, array $placed, float $x, float $y): array
    {
        $mover = new ThingMover($this->plans->layout($project, [$place => $placed]));
        $thing = $mover->thingAt($place);
        if ($thing === null) {
            return [$place => $placed];
        }

        return [
            $place => $placed,
            ...$mover->to(
                $thing,
                $x - $thing->area->width()->inMillimetres() / 2,
                $y - $thing->area->height()->inMillimetres() / 2,
            ),
        ];
    }

    /** @param array<string, mixed> $changes */
    private function change(
        RemoveThingRequest|PlaceFurnitureRequest|MoveThingRequest $request,
        Project $project,
        array $changes,
    ): RedirectResponse {
        $back = redirect()->to($request->returnTo($project), 303);
        try {
            $change = $this->editor->change($project, $changes, $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors(['furniture' => $error->getMessage()]);
        }

        return $change === '' ? $back : $back->with('changed', $change);
    }
}

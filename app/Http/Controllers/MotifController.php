<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\Prints;
use App\Http\Requests\MoveMotifRequest;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Part;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Paper\SheetSpot;
use Ephemeron\Papering\Crops;
use Ephemeron\Papering\Motif;
use Ephemeron\Papering\Seat;
use Ephemeron\Papering\Seats;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The motif under one face, drawn to where it is wanted: that chooses the place of the sheet the piece is cut from. */
final readonly class MotifController
{
    public function __construct(private Plans $plans, private ProjectEditor $editor)
    {
    }

    public function show(Request $request, Project $project): View|RedirectResponse
    {
        $plan = $this->plans->plan($project);
        $place = $request->query('place');
        $seat = $this->seat($plan, is_string($place) ? $place : '');
        if ($seat === null) {
            return redirect()->route('paper', $project)->withErrors(['paper' => 'That face is no more, or has no mat.']);
        }
        $prints = Prints::of($plan);
        $lies = $seat->joint ?? $seat->face;

        return view('motif', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'seat' => $seat,
            'seen' => $prints->seen($lies),
            'motif' => (new Crops($plan->blueprint, $plan->stocks))->motif($lies),
            'size' => ($seat->joint->area ?? Rectangle::whole($seat->face->size))->size(),
            'spot' => ($plan->design->choices->said[$seat->place] ?? null)?->spot,
        ]);
    }

    public function move(MoveMotifRequest $request, Project $project): RedirectResponse
    {
        $plan = $this->plans->plan($project);
        $seat = $this->seat($plan, $request->place());
        $back = redirect()->route('motif', ['project' => $project, 'place' => $request->place()], 303);
        $motif = $seat === null ? null : (new Crops($plan->blueprint, $plan->stocks))->motif($seat->joint ?? $seat->face);
        if ($seat === null || ($motif === null && ! $request->boolean('free'))) {
            return $back->withErrors(['motif' => 'There is no print under it that could be moved.']);
        }
        $spot = $request->boolean('free') || $motif === null ? null : $this->spot($plan, $seat, $motif, $request);
        $notation = $plan->notation();
        try {
            $change = $this->editor->change($project, [
                "choices.{$seat->place}.proposed" => false,
                "choices.{$seat->place}.at" => $spot === null ? null : [
                    'left' => $notation->exact($spot->left),
                    'top' => $notation->exact($spot->top),
                    'sheet' => $spot->sheet,
                    'turned' => $spot->turned,
                ],
            ], $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors(['motif' => $error->getMessage()]);
        }

        return $change === '' ? $back : $back->with('changed', $change);
    }

    /** On the sheet it is on, or the first where it is in no other piece’s way. */
    private function spot(WorkPlan $plan, Seat $seat, Motif $motif, MoveMotifRequest $request): SheetSpot
    {
        $said = ($plan->design->choices->said[$seat->place] ?? null)?->spot;
        for ($sheet = $said->sheet ?? 1; true; $sheet++) {
            $spot = $motif->moved($request->far('right'), $request->far('down'), $plan->design->tools->grid, $sheet);
            if ($said !== null || ! $this->isTaken($plan, $seat, $spot, $motif)) {
                return $spot;
            }
        }
    }

    private function isTaken(WorkPlan $plan, Seat $seat, SheetSpot $spot, Motif $motif): bool
    {
        $area = Rectangle::at($spot->left, $spot->top, $motif->place->area->size());
        foreach ($plan->blueprint->parts as $part) {
            if ($part->spot?->sheet === $spot->sheet && $part->paper() === $seat->paper() && $part->key !== $seat->part->key
                && Rectangle::at($part->spot->left, $part->spot->top, $this->onSheet($part, $part->spot))->overlaps($area)) {
                return true;
            }
        }

        return false;
    }

    private function onSheet(Part $part, SheetSpot $spot): \Ephemeron\Measure\Size
    {
        return $spot->turned !== (($part->turn ?? 0) % 2 === 1) ? $part->size->turned() : $part->size;
    }

    private function seat(WorkPlan $plan, string $place): ?Seat
    {
        foreach (Seats::of($plan->blueprint) as $seat) {
            if ($seat->place === $place) {
                return $seat;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PinRequest;
use App\Http\Requests\RevisedRequest;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Http\RedirectResponse;

/** Pins pieces to a motif of their paper, and lets them go again. */
final readonly class PinController
{
    public function __construct(private ProjectEditor $editor, private Plans $plans)
    {
    }

    public function store(PinRequest $request, Project $project): RedirectResponse
    {
        $back = redirect()->to(route('cut', $project).'#pins', 303);
        $index = count($this->plans->design($project)->pins);
        try {
            $this->editor->change($project, ["pins.{$index}" => $request->pin()], $request->integer('revision'));
        } catch (InvalidDesign $error) {
            $errors = [];
            foreach ($error->errors as $place => $sentence) {
                $errors[preg_replace('/^pins\.\d+\.?/', '', (string) $place) ?: 'part'] = $sentence;
            }

            return $back->withErrors($errors)->withInput();
        }

        return $back;
    }

    public function destroy(RevisedRequest $request, Project $project, int $pin): RedirectResponse
    {
        $this->editor->change($project, ["pins.{$pin}" => null], $request->revision());

        return redirect()->to(route('cut', $project).'#pins', 303);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FitRequest;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\DoesNotFit;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Refusal;
use Ephemeron\Tailor;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Makes a book hold so many prints, or fit an envelope or a shelf. */
final readonly class FitController
{
    public function __invoke(FitRequest $request, Project $project, ProjectEditor $editor, Plans $plans, Tailor $tailor): RedirectResponse
    {
        $back = redirect()->to($request->returnTo($project), 303)->withInput(
            $request->only(['photo', 'number', 'width', 'height', 'thick']),
        );
        $design = $plans->design($project);
        $photo = PhotoSize::tryFrom($request->string('photo')->value());
        try {
            $fitted = $photo !== null
                ? $tailor->toHold($design, $photo, $request->integer('number'))
                : $tailor->toLieIn($design, $this->outer($request, $design->unit), $this->length($request, 'thick', $design->unit));
        } catch (DoesNotFit $refusal) {
            return $back->withErrors([$photo !== null ? 'number' : 'width' => $refusal->getMessage()]);
        } catch (ValidationException $refusal) {
            return $back->withErrors($refusal->errors());
        }
        if ($fitted->wants !== [] && $fitted->changes() !== []) {
            return $back->with('offer', ['changes' => $fitted->changes(), 'wants' => $fitted->wants]);
        }
        $change = $editor->change($project, $fitted->changes(), $request->revision());

        return $change === '' ? $back->with('fits', 'It fits as it is.') : $back->with('changed', $change);
    }

    /** @throws ValidationException */
    private function outer(FitRequest $request, Unit $unit): Size
    {
        $width = $this->length($request, 'width', $unit);
        $height = $this->length($request, 'height', $unit);

        return new Size(
            $width ?? throw ValidationException::withMessages(['width' => 'Say how wide it may be.']),
            $height ?? throw ValidationException::withMessages(['height' => 'Say how tall it may be.']),
        );
    }

    /** @throws ValidationException */
    private function length(FitRequest $request, string $field, Unit $unit): ?Length
    {
        $typed = $request->string($field)->trim()->value();
        if ($typed === '') {
            return null;
        }
        try {
            $length = Length::parse($typed, $unit);
        } catch (Refusal $refusal) {
            throw ValidationException::withMessages([$field => $refusal->getMessage()]);
        }

        return $length->isPositive() ? $length : throw ValidationException::withMessages([$field => 'It must be more than nothing.']);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\KeepsakePictures;
use App\Drawer\PaperPicture;
use App\Drawer\Pixels;
use App\Drawer\SvgInPixels;
use App\Drawer\UnusablePicture;
use App\Http\Requests\AddKeepsakesRequest;
use App\Http\Requests\RevisedRequest;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\PrintsChosen;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use App\Safekeeping\CannotBeKept;
use Ephemeron\Filling\Fillings;
use Ephemeron\Filling\PrintOrder;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

/** What is to go into a book: photos, cards and envelopes, where each goes, and which prints are to be ordered. */
final readonly class KeepsakesController
{
    private const PICTURE = 640;

    public function __construct(private Plans $plans, private ProjectEditor $editor)
    {
    }

    public function show(Project $project): View
    {
        $plan = $this->plans->plan($project);
        $fillings = new Fillings($plan->blueprint, $plan->design->keepsakes, $plan->notation());

        return view('keepsakes', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'homes' => $fillings->homes,
            'settled' => $fillings->settled(),
            'order' => PrintOrder::of($plan->notation(), ...array_values($plan->design->keepsakes)),
            'sheets' => Paper::query()->whereNotNull('cards')->where('count', '>', 0)->orderBy('sort_name')->limit(80)->get(),
            'pictures' => array_filter(
                array_map(strval(...), array_keys($plan->design->keepsakes)),
                fn (string $key): bool => Storage::disk('local')->exists(KeepsakePictures::place($project->id, $key)),
            ),
        ]);
    }

    public function add(AddKeepsakesRequest $request, Project $project): RedirectResponse
    {
        $design = $this->plans->design($project);
        $sheet = $request->sheet();
        $changes = [];
        $print = null;
        if ($sheet !== null) {
            [$print, $changes] = (new PrintsChosen($project, $design))->print($sheet, isCutApart: true);
        }
        foreach ($request->keepsakes(array_map(strval(...), array_keys($design->keepsakes)), $print) as $key => $said) {
            $changes["keepsakes.{$key}"] = $said;
        }

        return $this->changed($request->revision(), $project, $changes);
    }

    public function propose(RevisedRequest $request, Project $project): RedirectResponse
    {
        $plan = $this->plans->plan($project);
        $design = $plan->design;
        $changes = [];
        $left = 0;
        foreach ((new Fillings($plan->blueprint, $design->keepsakes, $plan->notation()))->proposed() as $key => $one) {
            $left += $one->home === null ? 1 : 0;
            if ($one != $design->keepsakes[$key]) {
                $changes["keepsakes.{$key}.home"] = $one->home;
                $changes["keepsakes.{$key}.proposed"] = $one->isProposed;
            }
        }

        return $this->changed($request->revision(), $project, $changes)->with('said', match ($left) {
            0 => 'Everything has its place.',
            1 => 'One finds no place; the rest has its own.',
            default => "{$left} find no place; the rest have theirs.",
        });
    }

    public function takeOut(RevisedRequest $request, Project $project, string $key): RedirectResponse
    {
        Storage::disk('local')->delete(KeepsakePictures::place($project->id, $key));

        return $this->changed($request->revision(), $project, ["keepsakes.{$key}" => null]);
    }

    public function take(Request $request, Project $project, string $key, SvgInPixels $svg): RedirectResponse
    {
        $file = $request->file('picture');
        $back = redirect()->route('keepsakes', $project, 303);
        if (! isset($this->plans->design($project)->keepsakes[$key])) {
            return $back->withErrors(["picture-{$key}" => 'That is not on the list any more.']);
        }
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > PaperPicture::mostBytes()) {
            $most = PaperPicture::mostMegabytes();

            return $back->withErrors(["picture-{$key}" => "Choose a picture of {$most} MB at the most."]);
        }
        try {
            $contents = (string) $file->get();
            $contents = $svg->looksLike($contents) ? $svg->draw($contents, PaperPicture::SIDE) : $contents;
            CannotBeKept::put(KeepsakePictures::place($project->id, $key), Pixels::read($contents)->atMost(self::PICTURE)->jpeg());
        } catch (UnusablePicture $refusal) {
            return $back->withErrors(["picture-{$key}" => $refusal->getMessage()]);
        }

        return $back;
    }

    public function picture(Project $project, string $key): Response
    {
        $picture = Storage::disk('local')->get(KeepsakePictures::place($project->id, $key));

        return $picture === null ? abort(404) : response(
            $picture,
            200,
            ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=60'],
        );
    }

    /** @param array<string, mixed> $changes */
    private function changed(int $revision, Project $project, array $changes): RedirectResponse
    {
        $back = redirect()->route('keepsakes', $project, 303);
        try {
            $change = $changes === [] ? '' : $this->editor->change($project, $changes, $revision);
        } catch (InvalidDesign $error) {
            $errors = [];
            foreach ($error->errors as $place => $sentence) {
                $errors[preg_replace('/^keepsakes\.[^.]+\./', '', (string) $place) ?? ''] = $sentence;
            }

            return $back->withErrors($errors)->withInput();
        }

        return $change === '' ? $back : $back->with('changed', $change);
    }
}

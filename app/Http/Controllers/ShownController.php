<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Club\Club;
use App\Club\TheirOwn;
use App\Models\Maker;
use App\Models\Project;
use App\Models\Share;
use App\Planning\PatternPage;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What makers show on purpose: a book by a link, on the board of the club. Never more than its pattern, which has nothing private. */
final readonly class ShownController
{
    private const MOST = 200;

    public function __construct(private PatternPage $pattern)
    {
        abort_unless(Club::isOpen(), 404);
    }

    /** By the link: for whoever has it, signed in or not. */
    public function byLink(string $token): Response
    {
        $share = Share::query()->where('token', hash('sha256', $token))->first() ?? abort(404);

        return $this->page(Project::query()->withoutGlobalScope(TheirOwn::class)->find($share->project_id) ?? abort(404));
    }

    public function share(Project $project): RedirectResponse
    {
        $token = Str::random(40);
        $project->shares()->create(['token' => hash('sha256', $token)]);

        return redirect()->route('log', $project, 303)->with('link', route('shown', $token));
    }

    public function takeBack(Project $project, Share $share): RedirectResponse
    {
        $share->delete();

        return redirect()->back(303, fallback: route('myself'));
    }

    public function publish(Request $request, Project $project): RedirectResponse
    {
        $project->timestamps = false;
        $project->forceFill(['published_at' => $request->boolean('hang') ? now() : null])->save();

        return redirect()->route('log', $project, 303);
    }

    public function board(): View
    {
        $books = Project::query()->withoutGlobalScope(TheirOwn::class)->whereNotNull('published_at')->latest('published_at')
            ->limit(self::MOST)->get();

        return view('board', ['books' => $books, 'makers' => Maker::query()->pluck('name', 'id')]);
    }

    public function onTheBoard(int $number): Response
    {
        $book = Project::query()->withoutGlobalScope(TheirOwn::class)->whereNotNull('published_at')->find($number);

        return $book instanceof Project ? $this->page($book) : abort(404);
    }

    private function page(Project $project): Response
    {
        try {
            $html = $this->pattern->html($project, (string) Maker::query()->find($project->maker_id)?->name);
        } catch (InvalidDesign) {
            abort(404);
        }

        return response($html, 200, ['Content-Type' => 'text/html; charset=utf-8', 'X-Robots-Tag' => 'noindex']);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use App\Planning\PatternPage;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The book written up for others, to be taken away. */
final readonly class PatternController
{
    public function __invoke(Request $request, Project $project, PatternPage $pattern): Response
    {
        $asked = $request->validate([
            'by' => ['nullable', 'string', 'max:80'],
            'photos' => ['nullable', 'array', 'max:'.PatternPage::PHOTOS],
            'photos.*' => ['integer'],
        ], ['by.*' => 'A name has at most 80 characters.', 'photos.*' => sprintf('At most %d photographs.', PatternPage::PHOTOS)]);
        $html = $pattern->html($project, is_string($asked['by'] ?? null) ? $asked['by'] : '', (array) ($asked['photos'] ?? []));

        return response($html, 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Length' => (string) strlen($html),
            'Content-Disposition' => sprintf('attachment; filename="%s-pattern.html"', Str::slug($project->name) ?: 'book'),
        ]);
    }
}

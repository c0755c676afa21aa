<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Words\Glossary;
use App\Words\WordDrawing;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The words of the trade: all of them, or one where it is used. */
final readonly class WordsController
{
    public function __construct(private Glossary $glossary)
    {
    }

    public function index(Request $request): View
    {
        $search = is_string($request->query('search')) ? mb_substr(trim($request->query('search')), 0, 60) : '';

        return view('words', ['search' => $search, 'words' => $this->glossary->like($search), 'drawing' => new WordDrawing]);
    }

    public function show(string $key): View
    {
        return view('partials.word', ['word' => $this->glossary->words[$key] ?? abort(404), 'drawing' => new WordDrawing]);
    }
}

<?php

declare(strict_types=1);

namespace App\Words;

/** What each screen is for, said before its keys. */
final readonly class Screens
{
    private const SAID = [
        'shelf' => 'All your books. The moon beside each says how far it is; its name leads to its Plan. Begin one below.',
        'catalogue' => 'Every kind of book at its usual size. Begin one, and change its measures on its Plan.',
        'adviser' => 'Say what goes in and what you have. Every book that is shown has been laid out and cut from it; press Begin '
            .'under one, and it lies on the shelf with these measures.',
        'own-structure' => 'A kind of book that you write down yourself: measures with names, lengths as sums of them.',
        'eighths' => 'Sums of lengths, parts of a sheet, pieces from a sheet, mats. Nothing here is kept.',
        'plan' => 'The book as it will be. Change a measure and all else follows; press a page to put something on it; what would not '
            .'work stands above, with what mends it.',
        'base' => 'A base as you draw it: the flat blank, the same as a list, and how it folds. Press the fence, or type a number.',
        'paper' => 'Which print goes where. Press a face, then a print.',
        'leaves' => 'The leaves of a journal, in the order in which they are sewn.',
        'cut' => 'One cut after the other: set the fence, cut, press. What is cut is kept, whatever you change later.',
        'score' => 'Where to score each piece, and which way it folds.',
        'fold' => 'How it folds and what becomes which page, before anything is cut.',
        'bench' => 'One step after the other, from the first cut to the last mat. Were you interrupted, it waits at your step.',
        'print' => 'Lists, templates and labels on paper, and files that other programs read.',
        'log' => 'What came out, how long it took, and what you would do otherwise next time.',
        'keepsakes' => 'What goes into the book: photos, cards, envelopes, each with its place.',
        'papers.index' => 'The papers you have: how many sheets, what they look like, what is left of them.',
        'papers.makes' => 'How many copies of each book your papers give.',
        'supplies.index' => 'Magnets, ribbon, thread and what else is not paper.',
        'together' => 'Several books cut by one plan: they share sheets.',
        'logbook' => 'What all your books took: time, paper, lessons.',
        'taken-off' => 'What you took off the shelf or out of the drawer. It can come back.',
        'copies' => 'Copies of everything, to keep elsewhere.',
        'words' => 'The words of the trade, each with a drawing.',
    ];

    public static function said(?string $route): ?string
    {
        return self::SAID[$route ?? ''] ?? null;
    }
}

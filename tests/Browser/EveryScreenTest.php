<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** axe-core (its WCAG rules) and the widths of a laptop and a phone, on every screen. */
final class EveryScreenTest extends BrowserTestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function screens(): iterable
    {
        yield 'shelf' => ['', ''];
        yield 'catalogue' => ['', 'catalogue'];
        yield 'a structure of one’s own' => ['', 'structures'];
        yield 'words' => ['', 'words'];
        yield 'eighths' => ['', 'eighths?sum=11+7%2F8-2*1%2F4&whole=12&wide=4&tall=6&sheet-wide=12&sheet-tall=12'];
        yield 'which book' => ['', 'adviser'];
        yield 'what can be made' => ['', 'papers/makes'];
        yield 'copies of the shelf' => ['', 'copies'];
        yield 'a tablet' => ['', 'tablet'];
        yield 'several at once' => ['', 'together?books[8]=1&books[2]=2'];
        yield 'drawer' => ['', 'papers'];
        yield 'taken off' => ['', 'taken-off'];
        yield 'besides paper' => ['', 'supplies'];
        yield 'papers proposed' => ['Perseid night album', 'papers?propose=1&leftovers=1&facing=1'];
        foreach (['Perseid night album', 'New moon meander', 'Star-party guest book'] as $project) {
            foreach (['paper', 'plan', 'cut', 'score', 'fold', 'bench', 'print'] as $stage) {
                yield "{$project}, {$stage}" => [$project, $stage];
            }
        }
        yield 'flaps lifted' => ['Full moon folio', 'plan?face=page-10/waterfall-1/flap-2/inside&put=pocket'];
        yield 'pages turning' => ['Orbit album', 'fold?scene=pages'];
        yield 'leaves of a heap' => ['Observers’ field journal', 'leaves'];
        yield 'leaves of one paper' => ['Star-party notebook', 'leaves'];
        yield 'what goes in' => ['Leonid watch album', 'going-in'];
        yield 'the motif' => ['Leonid watch album', 'motif?place=page-4'];
        yield 'log' => ['Perseid night album', 'log'];
        yield 'cost' => ['Leonid watch album', 'cost'];
        yield 'logbook' => ['', 'logbook'];
        yield 'own paper' => ['', 'papers/own'];
        yield 'a journal' => ['Observers’ field journal', 'plan'];
        yield 'a wallet' => ['Comet wallet', 'plan'];
        yield 'sheets in hand' => ['Eclipse keepsake', 'cut'];
        yield 'a step with places' => ['Perseid night album', 'bench?step=mat-pages'];
    }

    #[DataProvider('screens')]
    public function test_axe_finds_nothing_serious_and_nothing_sticks_out(string $project, string $stage): void
    {
        $path = $project === '' ? "/{$stage}" : $this->project($project, $stage);
        $this->assertAnybodyCanUse($path);
    }
}

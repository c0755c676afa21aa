<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\TestWith;

/** The book folds before one's eyes. */
final class FoldTest extends BrowserTestCase
{
    public function test_flaps_open_as_the_pages_turn(): void
    {
        $this->open($this->project('Leonid watch album', 'fold').'?scene=pages&at=5');
        $open = fn (): int => count($this->driver()->findElements(WebDriverBy::cssSelector('.turned-flap.is-open')));
        $this->assertSame(0, $open());
        $this->press('f');
        $this->driver()->wait(5, 100)->until(static fn (): bool => $open() > 0);
        $this->find('#fold-flaps')->click();
        $this->driver()->wait(5, 100)->until(static fn (): bool => $open() === 0);
        $this->find('#fold-flaps')->click();
        $this->find('button[aria-label="One fold back"]')->click();
        $this->driver()->wait(5, 100)->until(static fn (): bool => $open() === 0, 'they shut when the leaf turns');
    }

    public function test_single_folds_by_keys_turn_the_panels_and_say_which(): void
    {
        $this->open($this->project('New moon meander', 'fold').'?scene=book-sheet');
        $this->assertSame('0', $this->share(1));
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->driver()->wait(5, 50)->until(fn (): bool => $this->share(1) === '1');
        $this->waitForText('.fold-steps .is-now', 'panel 1 comes over');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->driver()->wait(5, 50)->until(fn (): bool => $this->share(2) === '1');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->driver()->wait(5, 50)->until(fn (): bool => $this->share(2) === '0');
        $this->press('b');
        $this->assertStringContainsString('rotateY(166deg)', (string) $this->find('.world')->getAttribute('style'));
    }

    public function test_it_folds_by_itself_to_the_end_and_panel_one_comes_to_lie_on_the_last(): void
    {
        $this->open($this->project('New moon meander', 'fold').'?scene=book-sheet');
        $this->driver()->executeScript(
            'document.querySelector("#fold-speed").value = "2.5"; '
                .'document.querySelector("#fold-speed").dispatchEvent(new Event("change")); '
                .'document.querySelector(".fold-controls input").value = 13; '
                .'document.querySelector(".fold-controls input").dispatchEvent(new Event("input"));',
        );
        $this->find('#fold-play')->click();
        $this->driver()->wait(15, 100)->until(fn (): bool => $this->share(15) === '1');
        // Folded, all sixteen panels lie on each other: within a panel’s breadth on the screen.
        $spread = $this->driver()->executeScript(<<<'JS'
            const middles = [...document.querySelectorAll('.leaf')].map(
                (leaf) => { const box = leaf.getBoundingClientRect(); return [box.x + box.width / 2, box.y + box.height / 2]; },
            );
            return Math.max(
                ...[0, 1].map(
                    (axis) => Math.max(...middles.map((middle) => middle[axis])) - Math.min(...middles.map((middle) => middle[axis])),
                ),
            );
            JS);
        $this->assertLessThan(30, $spread);
        $this->assertCount(16, $this->driver()->findElements(WebDriverBy::cssSelector('.leaf')));
    }

    public function test_the_scene_that_is_shown_stands_in_the_address(): void
    {
        $this->open($this->project('New moon meander', 'fold'));
        $shown = fn (): string => (string) $this->driver()->executeScript('return document.querySelector("#scene").value');
        $this->driver()->executeScript(
            'const scene = document.querySelector("#scene"); scene.value = "book-sheet"; scene.dispatchEvent(new Event("change", { bubbles: true }));',
        );
        $this->waitForText('#stage', 'flat to folded');
        $this->assertStringEndsWith('?scene=book-sheet', $this->driver()->getCurrentURL());
        $this->driver()->navigate()->back();
        $this->driver()->wait(20, 100)->until(static fn (): bool => $shown() === 'book');
        $this->assertStringEndsWith('/fold', $this->driver()->getCurrentURL());
        $this->driver()->navigate()->forward();
        $this->driver()->wait(20, 100)->until(static fn (): bool => $shown() === 'book-sheet');
    }

    public function test_glue_lights_up_in_the_step_in_which_it_is_put_on(): void
    {
        $this->open($this->project('Perseid night album', 'fold'));
        $this->assertSame(0, $this->lit());
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->driver()->wait(5, 50)->until(fn (): bool => $this->lit() > 0);
        $this->addToAssertionCount(1);
    }

    public function test_what_is_glued_is_away_until_its_step_and_again_before_it(): void
    {
        $this->open($this->project('Perseid night album', 'fold'));
        $there = fn (): int => count(
            array_filter(
                $this->driver()->findElements(WebDriverBy::cssSelector('.leaf')),
                static fn ($leaf): bool => $leaf->getCSSValue('display') !== 'none',
            ),
        );
        $all = count($this->driver()->findElements(WebDriverBy::cssSelector('.leaf')));
        $first = count($this->driver()->findElements(WebDriverBy::cssSelector('.leaf[data-from="1"]')));
        $atFirst = $there();
        $this->assertGreaterThan(0, $first);
        $this->assertLessThan($all, $atFirst + $first);
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->driver()->wait(5, 50)->until(static fn (): bool => $there() === $atFirst + $first);
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->driver()->wait(5, 50)->until(static fn (): bool => $there() === $atFirst);
        $this->open($this->project('Perseid night album', 'fold').'?at=99');
        $this->driver()->wait(5, 50)->until(static fn (): bool => $there() === $all);
    }

    /** From both sides and turned by hand, on a laptop and on a phone: as large as it goes, and never beyond the edge. */
    #[TestWith(['Orbit album', 1280, 800])]
    #[TestWith(['Zenith sampler', 1280, 800])]
    #[TestWith(['Leonid watch album', 390, 844])]
    public function test_all_that_is_there_is_in_view_in_every_step(string $book, int $width, int $height): void
    {
        $this->open($this->project($book, 'fold'), $width, $height);
        $free = $this->free([[false, -14, 28], [true, -14, 28], [false, 61, -40]]);
        $this->assertGreaterThan(11, $free);
        $this->assertLessThan(13, $free, 'as large as it goes');
    }

    public function test_it_is_in_view_when_the_window_is_another(): void
    {
        $this->open($this->project('Orbit album', 'fold'));
        $this->driver()->manage()->window()->setSize(new WebDriverDimension(640, 900));
        $this->driver()->wait(5, 100)->until(fn (): bool => $this->free([[false, -14, 28]]) > 11);
        $this->assertLessThan(13, $this->free([[false, -14, 28]]));
    }

    /** @param list<array{bool, int, int}> $ways from behind or not, spun and tilted by so many degrees */
    private function free(array $ways): float
    {
        $free = $this->driver()->executeScript(<<<'JS'
            const folding = Alpine.$data(document.querySelector('.folding'));
            const within = document.querySelector('.theatre').getBoundingClientRect();
            let free = Infinity;
            for (const [seenFromBack, spin, tilt] of arguments[0]) {
                Object.assign(folding, { seenFromBack, spin, tilt });
                for (folding.at = 0; folding.at <= folding.steps; folding.at++) {
                    folding.show();
                    document.querySelectorAll('.leaf:not(.is-away)').forEach((each) => {
                        const leaf = each.getBoundingClientRect();
                        free = Math.min(free, leaf.left - within.left, within.right - leaf.right, leaf.top - within.top, within.bottom - leaf.bottom);
                    });
                }
            }
            return free;
            JS, [$ways]);

        return is_numeric($free) ? (float) $free : -INF;
    }

    public function test_a_pattern_of_another_program_comes_in_and_folds(): void
    {
        // Two panels of 4 × 6 in, a corner that is folded in first; written by hand, y upwards.
        $file = tempnam(sys_get_temp_dir(), 'pattern').'.fold';
        file_put_contents($file, json_encode([
            'file_spec' => 1.1, 'frame_unit' => 'in', 'frame_title' => 'Corner first',
            'vertices_coords' => [[0, 0], [4, 0], [8, 0], [8, 4], [8, 6], [6, 6], [4, 6], [0, 6]],
            'edges_vertices' => [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 6], [6, 7], [7, 0], [1, 6], [3, 5]],
            'edges_assignment' => ['B', 'B', 'B', 'B', 'B', 'B', 'B', 'B', 'V', 'V'],
        ], JSON_THROW_ON_ERROR));
        $this->open('/');
        $this->find("form[action$='/import'] input[type=file]")->element()->setFileDetector(new LocalFileDetector)->sendKeys($file);
        $this->find("form[action$='/import'] button")->click();
        $this->waitForText('header', 'Corner first');
        unlink($file);
        $this->open($this->project('Corner first', 'fold'));
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitForText('.fold-steps .is-now', 'The slanted score, valley');
        $this->driver()->wait(5, 50)->until(fn (): bool => $this->share(1) === '1');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitForText('.fold-steps .is-now', 'from the left, valley: c2 r1');
    }

    private function lit(): int
    {
        return count($this->driver()->findElements(WebDriverBy::cssSelector('.zone.is-lit')));
    }

    private function share(int $step): string
    {
        return (string) $this->driver()->executeScript(
            'return document.querySelector(".world").style.getPropertyValue("--s" + arguments[0]).trim();',
            [$step],
        );
    }
}

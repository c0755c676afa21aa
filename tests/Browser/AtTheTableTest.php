<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\TestWith;

/** One finger, arm’s length: what is needed now stands in the first screen, and a lost connection loses nothing. */
final class AtTheTableTest extends BrowserTestCase
{
    /** Sizes: look.md of this project, “First screen”; 48 and 40 dots are the least for numbers read at a metre. */
    #[TestWith(['cut', '#cut-made', '.fence-now strong', 390, 844])]
    #[TestWith(['score', '#scored', '.fence-now strong', 390, 844])]
    #[TestWith(['bench', '#done', '.numbers-now strong', 390, 844])]
    #[TestWith(['cut', '#cut-made', '.fence-now strong', 768, 1024])]
    #[TestWith(['score', '#scored', '.fence-now strong', 1280, 800])]
    #[TestWith(['bench', '#done', '.numbers-now strong', 1280, 800])]
    public function test_number_drawing_and_button_stand_in_the_first_screen(
        string $stage,
        string $button,
        string $number,
        int $width,
        int $height,
    ): void {
        $this->open($this->project('Leonid watch album', $stage), $width, $height);
        foreach ([$button, $number, '.hand-drawing svg.drawing'] as $selector) {
            [$top, $bottom] = (array) $this->driver()->executeScript(
                'const box = document.querySelector(arguments[0]).getBoundingClientRect(); return [box.top, box.bottom];',
                [$selector],
            );
            $this->assertGreaterThanOrEqual(0, $top, $selector);
            $this->assertLessThanOrEqual($height, $bottom, "{$selector} ends at {$bottom}");
        }
        $size = (float) $this->driver()->executeScript(
            'return parseFloat(getComputedStyle(document.querySelector(arguments[0])).fontSize)',
            [$number],
        );
        $this->assertGreaterThanOrEqual($width < 720 ? 40 : 48, $size);
        // Drawings further down are set when they come into sight.
        $this->assertSame([], $this->driver()->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const painted = () => new Promise((resolve) => { requestAnimationFrame(() => setTimeout(resolve, 30)); });
            (async () => {
                const small = [];
                for (const svg of document.querySelectorAll('svg.drawing')) {
                    svg.scrollIntoView({ block: 'center' });
                    await painted();
                    await painted();
                    small.push(...[...svg.querySelectorAll('text')].filter((text) => text.getClientRects().length > 0
                        && parseFloat(getComputedStyle(text).fontSize) * svg.getScreenCTM().a < 10.9));
                }
                done(small.map((text) => text.textContent));
            })();
            JS), 'writing under 11 dots');
        $this->assertSame([], $this->driver()->executeScript(<<<'JS'
            const SLACK = 4; // a line is higher than what is written on it
            return [...document.querySelectorAll('rect.offcut + text')].filter((text) => {
                const [piece, said] = [text.previousElementSibling, text].map((each) => each.getBoundingClientRect());
                return text.style.visibility !== 'hidden' && (said.left < piece.left - SLACK || said.right > piece.right + SLACK);
            }).map((text) => text.textContent);
            JS), 'sizes wider than their pieces');
        if ($width < 1000) {
            $this->assertTrue($this->driver()->executeScript(
                'const bar = document.querySelector(".is-at-the-thumb"); return bar.scrollWidth <= bar.clientWidth;',
            ), 'the bar at the thumb ends beyond the screen');
            $this->assertSame([], $this->driver()->executeScript(<<<'JS'
                return [...document.querySelectorAll('.is-at-the-thumb button, .is-at-the-thumb a')]
                    .filter((each) => each.getClientRects().length > 0 && each.getBoundingClientRect().height < 44).map((each) => each.id);
                JS), 'targets under 44 dots');
        }
    }

    public function test_the_first_measure_is_twelve_tabs_away_at_most(): void
    {
        $this->open($this->project('Leonid watch album', 'plan'));
        for ($tabs = 1; $tabs <= 12; $tabs++) {
            $this->press(WebDriverKeys::TAB);
            if (str_starts_with((string) $this->driver()->executeScript('return document.activeElement.id'), 'f-parameters-')) {
                $this->addToAssertionCount(1);

                return;
            }
        }
        $this->fail('The first measure is further than twelve tabs away.');
    }

    /** A foot switch sends Page Down and Page Up. */
    public function test_a_foot_switch_goes_on_and_back(): void
    {
        $this->open($this->project('Zenith sampler', 'cut'), 768, 1024);
        $this->waitForText('.trimmer', 'cut 1 of');
        $this->press(WebDriverKeys::PAGE_DOWN);
        $this->waitForText('.trimmer', 'cut 2 of');
        $this->betweenPresses();
        $this->press(WebDriverKeys::PAGE_UP);
        $this->waitForText('.trimmer', 'cut 1 of');
    }

    public function test_what_stops_the_work_stays_in_sight_and_leads_there(): void
    {
        $this->open($this->project('New moon meander', 'bench'), 390, 844);
        $bar = $this->find('#findings-bar');
        $this->driver()->executeScript('window.scrollTo(0, document.body.scrollHeight)');
        $this->assertLessThan(
            60,
            $this->driver()->executeScript('return document.getElementById("findings-bar").getBoundingClientRect().top'),
        );
        $bar->click();
        $this->waitForText('#findings', 'the folding turns it');
    }

    /** The next cut is there while the tick is still on its way; should it not get through, the old one is back. */
    public function test_the_next_cut_is_seen_before_the_answer_comes(): void
    {
        $this->open($this->project('Full moon', 'cut'), 390, 844);
        $place = fn (): string => (string) $this->driver()->executeScript('return document.querySelector("#trimmer [name=place]").value');
        $was = $place();
        $this->slow(2000);
        $this->find('#cut-made')->click();
        $this->waitForText('#trimmer .hand-number', 'cut '.((int) $was + 2).' of');
        $this->assertSame($was, $place(), 'the answer is not there yet');
        $this->driver()->wait(10, 100)->until(static fn (): bool => $place() !== $was);
        $this->assertStringContainsString('cut '.((int) $was + 2).' of', $this->text('#trimmer .hand-number'));
        $this->slow(0);
        $this->connection(false);
        $this->betweenPresses();
        $this->find('#cut-made')->click();
        $this->waitForText('#connection', 'One tick is kept');
        $this->assertStringContainsString('cut '.((int) $was + 2).' of', $this->text('#trimmer .hand-number'));
        $this->connection(true);
        $this->driver()->wait(15, 200)->until(fn (): bool => str_contains($this->text('#connection'), 'kept') === false);
        $this->forgetErrors();
    }

    /** Without a connection a tick is kept on the page; with it again it is sent, once. */
    public function test_ticks_made_without_a_connection_are_sent_later(): void
    {
        $this->open($this->project('Zenith sampler', 'score'), 390, 844);
        $pressed = fn (): int => (int) $this->driver()->executeScript(
            'return document.querySelectorAll(".score-ticks [aria-pressed=true]").length',
        );
        $before = $pressed();
        $this->connection(false);
        $this->find('#scored')->click();
        $this->waitForText('#connection', 'One tick is kept');
        $this->assertSame($before, $pressed(), 'the page in hand stays');
        $this->connection(true);
        $this->driver()->wait(15, 200)->until(static fn (): bool => $pressed() === $before + 1);
        $this->assertSame('[]', $this->driver()->executeScript('return localStorage.getItem("ticks-to-send")'));
        $this->assertSame('', $this->driver()->executeScript('return document.getElementById("connection").textContent'));
        $this->forgetErrors();
    }

    /** The page in hand comes again from what was kept of it. */
    public function test_the_page_in_hand_can_be_opened_again_without_a_connection(): void
    {
        $address = $this->project('Zenith sampler', 'bench');
        $this->open($address);
        $this->driver()->executeAsyncScript('const done = arguments[0]; navigator.serviceWorker.ready.then(() => setTimeout(done, 300));');
        // Under the worker now: from here on the page is kept.
        $this->open($address);
        $this->waitForText('.count', 'Step');
        $this->connection(false);
        try {
            $this->driver()->navigate()->refresh();
            $this->waitForText('.count', 'Step');
        } finally {
            $this->connection(true);
            $this->forgetErrors();
        }
    }

    /** A pattern opened as a file: it asks for nothing, and axe finds nothing. */
    /** Over a slow line a bar says how far the pattern is, then it is taken. */
    public function test_a_pattern_comes_with_a_bar(): void
    {
        $this->open($this->project('Leonid watch album', 'log'), 390, 844);
        $this->driver()->executeScript(
            'document.querySelector("#write-up").open = true; window.shares = [];'
                .'new MutationObserver(() => { const bar = document.querySelector("progress.write-up");'
                .' if (bar.offsetParent) { window.shares.push(bar.position); } })'
                .'.observe(document.querySelector("progress.write-up"), { attributes: true });'
                .'HTMLAnchorElement.prototype.click = function () { window.taken = this.download; };',
        );
        $this->slow(50);
        $this->find('#write-up button')->click();
        $this->driver()->wait(20, 100)->until(fn (): bool => (string) $this->driver()->executeScript('return window.taken ?? ""') !== '');
        $this->slow(0);
        $this->assertSame('leonid-watch-album-pattern.html', $this->driver()->executeScript('return window.taken'));
        $shares = (array) $this->driver()->executeScript('return window.shares');
        $this->assertNotSame([], array_filter($shares, static fn (mixed $share): bool => $share > 0));
    }

    public function test_a_pattern_stands_by_itself(): void
    {
        $this->open($this->project('Leonid watch album', 'log'));
        $html = (string) $this->driver()->executeAsyncScript(
            'const done = arguments[1]; fetch(arguments[0]).then((answer) => answer.text()).then(done);',
            [$this->project('Leonid watch album', 'pattern.html')],
        );
        $file = tempnam(sys_get_temp_dir(), 'pattern').'.html';
        file_put_contents($file, $html);
        $this->connection(false);
        try {
            $this->driver()->get("file://{$file}");
            $this->assertStringContainsString('Step by step', $this->text('main'));
            $this->assertSame(0, $this->driver()->executeScript(
                'return performance.getEntriesByType("resource").filter((each) => !each.name.startsWith("data:")).length',
            ));
            $this->driver()->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
            $this->assertSame([], $this->driver()->executeAsyncScript(<<<'JS'
                const done = arguments[arguments.length - 1];
                axe.run().then((result) => done(result.violations
                    .filter((each) => ['serious', 'critical'].includes(each.impact))
                    .map((each) => each.id + ': ' + each.nodes[0].html.slice(0, 160))));
                JS));
        } finally {
            $this->connection(true);
            unlink($file);
        }
    }

    /** What the browser says of a connection that was taken away is no fault of the page. */
    private function forgetErrors(): void
    {
        $this->driver()->manage()->getLog('browser');
    }

    private function slow(int $milliseconds): void
    {
        $this->connection(true, $milliseconds);
    }

    private function connection(bool $isThere, int $latency = 0): void
    {
        $this->driver()->executeCustomCommand('/session/:sessionId/chromium/network_conditions', 'POST', ['network_conditions' => [
            'offline' => ! $isThere,
            'latency' => $latency,
            'download_throughput' => -1,
            'upload_throughput' => -1,
        ]]);
    }
}

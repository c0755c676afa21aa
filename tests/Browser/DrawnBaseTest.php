<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A base of one’s own, drawn: 12 × 12, scored at 4 and 8, a piece of 4 × 8 on it; by hand, by keys and by the list beside it. */
final class DrawnBaseTest extends BrowserTestCase
{
    private int $actions = 0;

    public function test_a_base_is_drawn_by_hand_and_by_keys(): void
    {
        $this->begin();
        foreach (range(1, 2) as $score) {
            $this->key('.base-score[data-along=width]', WebDriverKeys::DELETE, fn (): bool => count($this->all('.base-score[data-along=width]')) === 2 - $score);
        }
        $this->typedIn('#new-width', '4'.WebDriverKeys::ENTER);
        $this->until('Valley across 1 4 in');
        $this->key('.base-score[data-along=width]', 'o', fn (): bool => str_contains($this->lines(), 'Valley across 2 8 in'));
        $this->key('.base-score[data-along=width]', 'm', fn (): bool => str_contains($this->lines(), 'Mountain across 1 4 in'));
        $this->key('.base-score[data-along=width]', WebDriverKeys::ARROW_RIGHT, fn (): bool => str_contains($this->lines(), "Mountain across 1 4\u{2009}1⁄16 in"));
        $this->assertSame('Mountain across 1', $this->driver()->executeScript('return document.activeElement.getAttribute("aria-label")'), 'it stays in hand');
        // A press on the fence near the half is meant for it.
        $before = count($this->all('.base-score[data-along=height]'));
        $this->find('.fence[data-along=height]')->press(0, 2);
        $this->driver()->wait(20, 100)->until(fn (): bool => count($this->all('.base-score[data-along=height]')) === $before + 1);
        $this->assertStringContainsString('down', $this->lines());
    }

    /** “12×12 scored at 4 and 8, a 4×8 piece on it”: counted. */
    public function test_by_the_list_alone_and_in_few_actions(): void
    {
        $this->begin();
        $this->actions = 0;
        // It is 12 broad as it is begun.
        $this->typedIn('#all-height', '12'.WebDriverKeys::ENTER);
        $this->typedIn('#at-height-1', '4'.WebDriverKeys::ENTER);
        $this->until('Valley down 1 4 in');
        $this->typedIn('#new-height', '8'.WebDriverKeys::ENTER);
        $this->until('Valley down 2 8 in');
        foreach (['#piece-name' => 'Flap', '#piece-wide' => '4'] as $field => $typed) {
            $this->actions++;
            $this->typed($field, $typed);
        }
        $this->typedIn('#piece-tall', '8'.WebDriverKeys::ENTER);
        $this->waitForText('#base-pieces', 'Flap: 4 in × 8 in; on Base 1-1 front');
        $this->assertLessThanOrEqual(25, $this->actions);
        // Corners pressed one after the other.
        foreach (['4 in × 0 in', '8 in × 4 in'] as $corner) {
            $this->driver()->executeScript('document.querySelector(arguments[0]).focus({ preventScroll: true })', [".base-corner[data-place=\"{$corner}\"]"]);
            $this->press(WebDriverKeys::ENTER);
        }
        $this->assertSame('4 in × 0 in to 8 in × 4 in', $this->find('#line-corners')->getAttribute('value'));
        $this->driver()->executeScript('document.getElementById("line-corners").form.requestSubmit()');
        $this->waitForText('#base-more-lines', 'valley: 4');
        $this->typedIn('#new-height', 'in the middle'.WebDriverKeys::ENTER);
        $this->waitForText('#stage', 'does not read as a length');
        $this->assertSame('in the middle', $this->find('#new-height')->getAttribute('value'));
    }

    /** “12×12 scored at 4 and 8, two flaps, a 4×8 piece on the top edge with magnet, a pocket on a flap”: counted from the drawing on. */
    public function test_a_base_with_flaps_a_magnet_and_a_pocket_in_few_actions(): void
    {
        $this->begin();
        $this->actions = 0;
        $this->done('#blank-sheet', fn (): bool => $this->all('.base-score') === []);
        $this->typedIn('#new-width', '4'.WebDriverKeys::ENTER);
        $this->until('Valley across 1 4 in');
        $this->typedIn('#new-width', '8'.WebDriverKeys::ENTER);
        $this->until('Valley across 2 8 in');
        // The piece on the top edge, with its magnet.
        $this->edge(2, 'top');
        $this->filled('#flap-reach', '8');
        $this->filled('#flap-breadth', '4');
        $this->filled('#flap-magnets', '1');
        $this->done('#flap-glue', fn (): bool => count($this->all('.base-flap')) === 1);
        $this->assertCount(2, $this->all('.base-disc'), 'both discs');
        foreach ([[1, 'left'], [3, 'right']] as $number => [$column, $edge]) {
            $this->edge($column, $edge);
            $this->filled('#flap-reach', '3');
            $this->done('#flap-glue', fn (): bool => count($this->all('.base-flap')) === 2 + $number);
        }
        $this->filled('#thing-face', 'base-1-1/flap-1/inside');
        $this->done('#thing-put', fn (): bool => str_contains($this->text('#base-things'), 'Pocket'));
        $this->assertLessThanOrEqual(25, $this->actions);
        $this->assertStringContainsString('at the top of 2-1, in front, a magnet', $this->text('#base-flaps li span'));
        // Moved along its edge by keys, and not past its end.
        $flap = '.base-flap[data-along=height]';
        $was = (float) $this->find($flap)->getAttribute('aria-valuenow');
        $this->key($flap, WebDriverKeys::ARROW_UP, fn (): bool => (float) $this->find($flap)->getAttribute('aria-valuenow') < $was);
        $this->assertSame('base-flap', $this->driver()->executeScript('return document.activeElement.getAttribute("class")'), 'it stays in hand');
        $this->key($flap, WebDriverKeys::DELETE, fn (): bool => count($this->all('.base-flap')) === 2);
        $this->key('.base-flap[data-along=height]', 'o', fn (): bool => count($this->all('.base-flap')) === 3);
        // The panel and its flap fold in the book beside it.
        $this->waitForText('.fold-steps', 'Hinge the flaps');
    }

    public function test_a_line_is_drawn_by_corners_pressed_anywhere(): void
    {
        $this->begin();
        $this->done('#blank-sheet', fn (): bool => $this->all('.base-score') === []);
        $this->done('#draw-corners', fn (): bool => $this->find('#draw-corners')->getAttribute('aria-pressed') === 'true');
        // Dots from the middle of the blank: to the half from the left at a third from the head, and almost there.
        $size = (array) $this->driver()->executeScript('const box = document.querySelector(".base-area").getBoundingClientRect(); return [box.width, box.height];');
        foreach ([[0.0, 1 / 6 + 0.005], [0.252, 0.5]] as [$right, $down]) {
            $this->find('.base-area')->press((int) round($right * $size[0]), (int) round(-$down * $size[1]));
        }
        $this->assertSame('6 in × 4 in to 9 in × 0 in', $this->find('#line-corners')->getAttribute('value'));
        $this->assertCount(2, $this->all('.base-dot'));
        // Where nothing is near a mark of the tool is taken, written as makers do; pressed again it goes.
        foreach (range(1, 2) as $time) {
            $this->find('.base-area')->press((int) round(-0.2 * $size[0]), (int) round(0.3 * $size[1]));
            $dots = count($this->all('.base-dot'));
            $this->assertSame($time === 1 ? 3 : 2, $dots);
            $this->assertSame($time === 1 ? 1 : 0, preg_match('~ to 3 \d+/\d+ in × 9 \d+/\d+ in$~', (string) $this->find('#line-corners')->getAttribute('value')));
        }
        $this->driver()->executeScript(
            'const kind = document.getElementById("drawn-kind"); kind.value = "mountain"; kind.dispatchEvent(new Event("change"));',
        );
        $this->find('#drawn-line')->click();
        $this->waitForText('#base-more-lines', 'mountain: 6 in × 4 in to 9 in × 0 in');
    }

    public function test_anybody_can_draw_one(): void
    {
        $this->begin();
        $this->assertAnybodyCanUse((string) parse_url($this->driver()->getCurrentURL(), PHP_URL_PATH));
    }

    private function begin(): void
    {
        $this->open('/catalogue');
        $this->driver()->wait(60, 200)->until(fn (): bool => $this->all('button[aria-label="Begin a free base"]') !== []);
        $this->driver()->executeScript('document.querySelector("button[aria-label=\'Begin a free base\']").form.submit()');
        $this->waitForText('h1', 'Free base');
        $this->at(WebDriverBy::linkText('Draw it'))->click();
        $this->waitForText('#scores-width', 'One more at');
    }

    private function typedIn(string $field, string $keys): void
    {
        $this->actions++;
        $was = $this->revision();
        $this->typed($field, $keys);
        $this->driver()->wait(20, 100)->until(fn (): bool => $this->revision() !== $was || $this->text('.said, .field-error') !== '');
    }

    private function edge(int $column, string $edge): void
    {
        $this->actions++;
        $strip = ".base-edge[data-column='{$column}'][data-edge={$edge}]";
        $this->driver()->executeScript('document.querySelector(arguments[0]).scrollIntoView({ block: "center" })', [$strip]);
        $this->find($strip)->press();
        $this->assertSame($edge, $this->find('#flap-edge')->getAttribute('value'), 'the edge that was pressed');
    }

    private function filled(string $field, string $value): void
    {
        $this->actions++;
        $this->driver()->executeScript('document.querySelector(arguments[0]).value = arguments[1]', [$field, $value]);
    }

    /** @param \Closure(): bool $then */
    private function done(string $button, \Closure $then): void
    {
        $this->actions++;
        $this->driver()->executeScript('document.querySelector(arguments[0]).click()', [$button]);
        $this->driver()->wait(20, 100)->until($then);
        $this->addToAssertionCount(1);
    }

    /** @param \Closure(): bool $then */
    private function key(string $element, string $key, \Closure $then): void
    {
        $this->driver()->executeScript('document.querySelector(arguments[0]).focus({ preventScroll: true })', [$element]);
        $this->press($key);
        $this->driver()->wait(20, 100)->until($then, $this->lines());
        $this->addToAssertionCount(1);
    }

    private function until(string $line): void
    {
        $this->driver()->wait(20, 100)->until(fn (): bool => str_contains($this->lines(), $line), $this->lines());
        $this->addToAssertionCount(1);
    }

    private function lines(): string
    {
        return (string) $this->driver()->executeScript(
            'return [...document.querySelectorAll(".base-score")].map((line) => `${line.getAttribute("aria-label")} ${line.getAttribute("aria-valuetext")}`).join("; ")',
        );
    }

    private function revision(): string
    {
        return (string) $this->driver()->executeScript('return document.querySelector("input[name=revision]")?.value');
    }

    /** @return list<\Facebook\WebDriver\Remote\RemoteWebElement> */
    private function all(string $selector): array
    {
        return array_values($this->driver()->findElements(WebDriverBy::cssSelector($selector)));
    }
}

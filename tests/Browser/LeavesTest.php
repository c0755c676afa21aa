<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A sheet moved by keys, and the needle followed from hole to hole. */
final class LeavesTest extends BrowserTestCase
{
    public function test_a_sheet_goes_further_in_and_stays_in_hand(): void
    {
        $this->open($this->project('Observers’ field journal', 'leaves'));
        $before = $this->sheets();
        $button = $this->find('.sheet-order li:nth-child(2) button:last-child');
        $id = (string) $button->getAttribute('id');
        $this->driver()->executeScript(
            'arguments[0].scrollIntoView({block: "center", behavior: "instant"}); arguments[0].focus();',
            [$button->element()],
        );
        $this->press(WebDriverKeys::ENTER);
        $this->driver()->wait(10, 100)->until(fn (): bool => $this->sheets() !== $before);
        [$first, $second, $third] = $before;
        $this->assertSame([$first, $third, $second], array_slice($this->sheets(), 0, 3));
        $this->driver()->wait(5, 100)->until(
            fn (): bool => $this->driver()->executeScript('return document.activeElement.id') === $id,
            'what was pressed is still in hand, one further in',
        );
        $this->waitForText('.particulars', 'This order is yours.');
    }

    public function test_a_sheet_is_drawn_by_its_letter_to_another_place(): void
    {
        $this->open($this->project('Observers’ field journal', 'leaves'));
        $before = $this->sheets();
        $letters = $this->driver()->findElements(WebDriverBy::cssSelector('.sheet-order li b'));
        $this->driver()->executeScript('arguments[0].scrollIntoView({block: "center", behavior: "instant"});', [$letters[2]]);
        (new WebDriverActions($this->driver()))->dragAndDrop($letters[1], $letters[3])->perform();
        $this->driver()->wait(10, 100)->until(fn (): bool => $this->sheets() !== $before);
        $this->assertSame([$before[0], $before[2], $before[3], $before[1]], array_slice($this->sheets(), 0, 4));
    }

    public function test_the_needle_goes_from_hole_to_hole(): void
    {
        $this->open($this->project('Observers’ field journal', 'leaves'));
        $this->assertCount(8, $this->driver()->findElements(WebDriverBy::cssSelector('.stitch')));
        $this->find('#sewing button[aria-label="One passage back"]')->click();
        $this->driver()->wait(5, 100)->until(fn (): bool => $this->ahead() === 1);
        $this->assertSame('out through 4', $this->text('.passages .is-now'));
        $this->find('#sewing button[aria-label="One passage on"]')->click();
        $this->driver()->wait(5, 100)->until(fn (): bool => $this->ahead() === 0);
        $this->find('#sewing .btn-main')->click();
        $this->driver()->wait(5, 50)->until(fn (): bool => $this->ahead() > 4);
        $this->driver()->wait(15, 100)->until(fn (): bool => $this->ahead() === 0);
    }

    /** @return list<string> */
    private function sheets(): array
    {
        return array_map(
            static fn (mixed $line): string => is_string($line) ? trim((string) preg_replace('/(stands out|a tab may).*/s', '', $line)) : '',
            // Read at once: a swap may come between two looks.
            array_slice((array) $this->driver()->executeScript(
                "return Array.from(document.querySelectorAll('.sheet-order li'), (line) => line.innerText)",
            ), 0, 5),
        );
    }

    private function ahead(): int
    {
        return count($this->driver()->findElements(WebDriverBy::cssSelector('.stitch.is-ahead')));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Prints chosen and pressed onto faces by keys; a pad laid out by itself. */
final class PaperingTest extends BrowserTestCase
{
    public function test_a_print_is_chosen_and_pressed_by_keys(): void
    {
        $this->open($this->project('Star-party guest book', 'paper').'?pad=Amber%20pad');
        $second = $this->find('.print-tile:nth-of-type(3) input');
        $this->focus('.print-tile:nth-of-type(3) input');
        $this->driver()->getKeyboard()->sendKeys(' ');
        $name = trim(explode("\n", $this->text('.print-tile:nth-of-type(3) .print-name'))[0], "↑ \n");
        $this->assertTrue($second->isSelected());
        $this->focus('#face-page-3');
        $this->driver()->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->waitForText('.said', "{$name} for page 3");
        $this->driver()->wait(5, 100)->until(
            fn (): bool => $this->driver()->executeScript('return document.activeElement.id') === 'face-page-3',
            'what was pressed is still in hand',
        );
        $this->assertStringContainsString($name, $this->text('.papered-page:has(#face-page-3) .page-name'));
        $this->assertTrue($this->find('.print-tile:has(input:checked)')->isDisplayed(), 'and the print too');
        $this->assertStringContainsString('side=A', (string) $this->find('#face-page-3 image')->getAttribute('href'));
        $this->driver()->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->driver()->wait(5, 100)->until(
            fn (): bool => str_contains((string) $this->find('#face-page-3 image')->getAttribute('href'), 'side=B'),
        );
    }

    public function test_a_pad_is_laid_out_and_taken_back(): void
    {
        $this->open($this->project('Star-party guest book', 'paper').'?pad=Nebula%20pad');
        $this->find('#lay-out')->click();
        $this->waitForText('#laid', 'places have a print now');
        $this->assertGreaterThan(15, count($this->driver()->findElements(WebDriverBy::cssSelector('.papered svg.print image'))));
        $this->find('#undo')->click();
        $this->driver()->wait(10, 100)->until(
            fn (): bool => count($this->driver()->findElements(WebDriverBy::cssSelector('.papered svg.print image'))) < 15,
        );
    }

    private function focus(string $selector): void
    {
        $this->driver()->executeScript('arguments[0].focus()', [$this->find($selector)]);
    }
}

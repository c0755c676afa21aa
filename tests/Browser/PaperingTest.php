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
        $this->press(' ');
        $name = trim(explode("\n", $this->text('.print-tile:nth-of-type(3) .print-name'))[0], "↑ \n");
        $this->assertTrue($second->isSelected());
        $this->focus('#face-page-3');
        $this->press(WebDriverKeys::ENTER);
        $this->waitForText('.said', "{$name} for page 3");
        $this->driver()->wait(5, 100)->until(
            fn (): bool => $this->driver()->executeScript('return document.activeElement.id') === 'face-page-3',
            'what was pressed is still in hand',
        );
        $this->assertStringContainsString($name, $this->text('.papered-page:has(#face-page-3) .page-name'));
        $this->assertTrue($this->find('.print-tile:has(input:checked)')->isDisplayed(), 'and the print too');
        $this->assertStringContainsString('side=A', (string) $this->find('#face-page-3 image')->getAttribute('href'));
        $this->press(WebDriverKeys::ENTER);
        $this->driver()->wait(5, 100)->until(
            // In one request: between finding and asking the page may be swapped.
            fn (): bool => $this->driver()->executeScript('return document.querySelector("#face-page-3 image[href*=\'side=B\']") !== null'),
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

    public function test_a_motif_is_moved_by_keys(): void
    {
        $this->open($this->project('Leonid watch album', 'motif').'?place=page-4');
        $before = $this->text('.particulars');
        $this->focus('.motif-drawing');
        foreach ([WebDriverKeys::ARROW_LEFT, WebDriverKeys::ARROW_LEFT, WebDriverKeys::ARROW_UP] as $key) {
            $this->press($key);
        }
        // 1⁄16 in a mark.
        $this->assertSame(['-1/8', '-1/16'], [$this->value('#motif-right'), $this->value('#motif-down')]);
        $this->find('#cut-there')->click();
        $this->waitForText('.particulars', 'as you chose');
        $this->assertNotSame($before, $this->text('.particulars'));
        $this->find('#let-go')->click();
        $this->waitForText('.particulars', 'as the plan has it');
    }

    public function test_a_sheet_is_squared_up_by_keys(): void
    {
        $this->open('/papers?pad=Nebula%20pad');
        $this->at(WebDriverBy::partialLinkText('Nebula comet'))->click();
        $this->waitForText('#chosen', 'Square up side A');
        $this->driver()->executeScript('const it = document.querySelector(".squaring"); it.open = true; it.scrollIntoView();');
        $this->focus('.corner-mark[data-corner="1"]');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->assertSame('0 0 0.995 0.005 1 1 0 1', $this->value('.squaring [name="corners"]'));
        $this->find('.squaring form .btn-plain')->click();
        $this->waitForText('.said', 'is squared up');
    }

    public function test_what_goes_in_finds_its_place(): void
    {
        $this->open($this->project('Star-party guest book', 'going-in'));
        $this->find('#k-name')->sendKeys('Ridge');
        $this->typed('#k-count', '2');
        $this->find('#add-keepsakes .btn-main')->click();
        $this->waitForText('.keepsakes', 'Ridge 2');
        $this->find('#settle')->click();
        $this->waitForText('.said', 'Everything has its place');
        $this->assertStringContainsString('4 × 6 in', $this->text('#print-order'));
    }

    private function value(string $selector): string
    {
        $value = $this->driver()->executeScript('return document.querySelector(arguments[0]).value', [$selector]);

        return is_string($value) ? $value : '';
    }

    private function focus(string $selector): void
    {
        $this->driver()->executeScript('arguments[0].focus()', [$this->find($selector)->element()]);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Sums in fields for lengths. */
final class SumsTest extends BrowserTestCase
{
    public function test_what_it_comes_to_shows_before_it_is_taken(): void
    {
        $this->open($this->project('Zenith sampler', 'plan'));
        $field = '#f-parameters-leaf-height';
        $this->typed($field, 'half of 15 - 1/3');
        $this->waitForText('output.sum', 'between the marks');
        $this->typed($field, 'half of 15'.WebDriverKeys::ENTER);
        $this->waitForText('.said', 'leaf height');
        $this->assertSame('7 1/2', $this->find($field)->getAttribute('value'));
        $this->assertSame(substr($field, 1), $this->driver()->executeScript('return document.activeElement.id'));
        $this->betweenPresses();
        $this->find('#undo')->click();
        $this->waitForText('.said', 'taken back');
    }

    public function test_eighths_on_a_phone_without_a_mouse(): void
    {
        $this->open('/eighths', 390, 844);
        $this->typed('#sum', '11 7/8 - 2*1/4'.WebDriverKeys::ENTER);
        $this->waitForText('.answer', '11');
        $this->assertSame('sum', $this->driver()->executeScript('return document.activeElement.id'));
        $this->assertLessThanOrEqual(390, $this->driver()->executeScript('return document.documentElement.scrollWidth'));
    }
}

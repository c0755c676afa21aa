<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Paper looked for, put in, given to a book, cut. */
final class DrawerTest extends BrowserTestCase
{
    public function test_the_list_follows_what_is_typed(): void
    {
        $this->open('/papers');
        $this->find('#search')->sendKeys('torch');
        $this->driver()->wait(10, 100)->until(
            fn (): bool => count($this->driver()->findElements(WebDriverBy::cssSelector('.drawer tbody tr'))) === 1,
        );
        $this->assertStringContainsString('Red torch', $this->text('.drawer tbody'));
        $this->assertStringContainsString('search=torch', $this->driver()->getCurrentURL());
        $this->assertSame('torch', $this->find('#search')->getAttribute('value'));
    }

    public function test_a_wrong_count_is_answered_beside_its_field(): void
    {
        $this->open('/papers');
        $this->find('#new-name')->sendKeys('Aurora');
        $this->typed('#new-count', 'a few'.WebDriverKeys::ENTER);
        $this->waitForText('.field-error', 'number');
        $this->assertSame(
            ['Aurora', 'a few'],
            [$this->find('#new-name')->getAttribute('value'), $this->find('#new-count')->getAttribute('value')],
        );
    }

    public function test_a_book_takes_a_paper_and_its_leftovers_from_the_drawer(): void
    {
        $this->open($this->project('Comet wallet', 'papers'));
        $this->find('#paper-search')->sendKeys('kraft');
        $this->driver()->wait(10, 100)->until(
            fn (): bool => count($this->driver()->findElements(WebDriverBy::cssSelector('#take-insert-card option'))) === 2,
        );
        (new WebDriverSelect($this->find('#take-insert-card')->element()))->selectByVisiblePartialText('Kraft dusk');
        $this->at(WebDriverBy::xpath('//button[contains(., "Take these papers")]'))->click();
        $this->waitForText('.said', 'takes these papers');
        $this->open($this->project('Comet wallet', 'cut'));
        $this->assertStringContainsString('1 new sheet and 2 leftovers; fewer is impossible', $this->text('main'));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Many makers on one shelf, in a browser: signing in by keyboard, the pages of a club, a book shown and taken back. */
final class ClubTest extends BrowserTestCase
{
    protected static function settings(): array
    {
        return ['EPHEMERON_MAKERS' => 'many', 'SESSION_DRIVER' => 'database'];
    }

    public function test_signing_in_and_what_a_keeper_settles(): void
    {
        $this->assertAnybodyCanUse('/sign-in');
        $this->open('/papers');
        $this->signIn('Ada', 'not this one');
        $this->waitForText('.field-error', 'do not go together');
        $this->signIn('Ada', 'three moons over the fold');
        $this->waitForText('.title', 'drawer');
        foreach (['/', '/myself', '/club', '/board', '/projects/2/log'] as $page) {
            $this->assertAnybodyCanUse($page);
        }
        $this->open('/club');
        $this->find('#circle')->sendKeys('Tuesday'.WebDriverKeys::ENTER);
        $this->waitForText('#circles', 'Tuesday');
    }

    public function test_a_book_is_shown_by_a_link_and_no_more_when_it_is_taken_back(): void
    {
        $this->open('/sign-in');
        if (str_contains($this->driver()->getCurrentURL(), 'sign-in')) {
            $this->signIn('Ada', 'three moons over the fold');
        }
        $this->open('/projects/2/log');
        $this->driver()->executeScript('document.querySelector("#show-it").open = true; document.querySelector("#show-it form[action$=shares] button").click();');
        $this->driver()->wait(10, 100)->until(fn (): bool => $this->driver()->executeScript('return document.querySelector("#link") !== null;') === true);
        $link = (string) $this->find('#link')->getAttribute('value');
        $this->driver()->manage()->deleteAllCookies();
        $this->driver()->get($link);
        $this->assertStringContainsString('Full moon folio', $this->text('body'));
        $this->open('/projects/2/plan');
        $this->assertStringContainsString('sign-in', $this->driver()->getCurrentURL());
        $this->signIn('Berta', 'three moons over the fold');
        // What the keeper gave her she changes before anything else.
        $this->waitForText('main', 'choose one of your own');
        $this->find('#now')->sendKeys('three moons over the fold');
        $this->find('#new')->sendKeys('four moons over the fold');
        $this->find('#new_confirmation')->sendKeys('four moons over the fold'.WebDriverKeys::ENTER);
        $this->waitForText('.said', 'holds');
        $this->open('/projects/2/plan');
        $this->assertStringContainsString('does not exist', $this->text('main'));
        // The page that is not there is what was looked for: the browser notes it.
        $this->driver()->manage()->getLog('browser');
    }

    private function signIn(string $name, string $phrase): void
    {
        $this->typed('#name', $name.WebDriverKeys::TAB.$phrase.WebDriverKeys::ENTER);
    }
}

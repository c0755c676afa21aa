<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The whole way with one finger on a phone: begin, cut, spoil one, score, measure, finish, photograph, write up, make ten. */
final class WholeWayTest extends BrowserTestCase
{
    private const MOST_STEPS = 60;

    public function test_from_the_catalogue_to_ten_of_them(): void
    {
        $this->open('/catalogue', 390, 844);
        $this->driver()->executeScript(
            'document.querySelector("form [name=structure][value=waterfall-wallet]").form.requestSubmit();',
        );
        $this->waitFor('#measures', 'Measures');
        $book = (string) preg_replace('~^.*(/projects/\d+)/.*$~', '$1', $this->driver()->getCurrentURL());

        // Cut, and spoil one on the way.
        $this->open("{$book}/cut", 390, 844);
        $this->pressOn('#cut-made', 2);
        $this->driver()->executeScript('document.querySelector(".trimmer details").open = true;');
        $this->driver()->executeScript('document.querySelector(".trimmer details form").requestSubmit();');
        $this->waitFor('.said', 'spoiled');
        $this->pressOn('#cut-made', self::MOST_STEPS);
        $this->waitFor('.said', 'All is cut');

        // Score by the keyboard: a foot switch.
        $this->open("{$book}/score", 390, 844);
        for ($press = 0; $press < self::MOST_STEPS && $this->has('#scored'); $press++) {
            $this->pressed(fn () => $this->press(WebDriverKeys::PAGE_DOWN));
        }
        $this->waitFor('.said', 'All is scored');

        // At the bench: one came otherwise, then all to the end.
        $this->open("{$book}/bench", 390, 844);
        while (! $this->has('#came')) {
            $this->pressOn('#done', 1);
        }
        $this->driver()->executeScript('document.querySelector("#came").open = true;');
        $this->driver()->executeScript('document.querySelector("#came-verdict").value = "small";');
        $this->find('#came-length')->sendKeys('1/32');
        $this->driver()->executeScript('document.querySelector("form.came").requestSubmit();');
        $this->waitFor('#what-follows', 'came to');
        $this->pressOn('#done', self::MOST_STEPS, 'Finished. Photograph it');
        $this->waitFor('.now', 'Finished. Photograph it');
        $picture = tempnam(sys_get_temp_dir(), 'photo').'.png';
        $image = imagecreatetruecolor(80, 60);
        imagepng($image, $picture);
        $this->find('.now input[type="file"][name="photo"]')->element()->setFileDetector(new LocalFileDetector)->sendKeys($picture);
        $this->driver()->wait(10, 100)->until(fn (): bool => $this->has('.note-photo'));
        unlink($picture);

        // The moon is full; the pattern holds the photograph.
        $this->open("{$book}/log", 390, 844);
        $this->waitFor('.log-moon', 'Full moon: finished');
        $address = (string) $this->driver()->executeScript(
            'document.querySelectorAll("#write-up input[type=checkbox]").forEach((each) => { each.checked = true; });'
                .'const form = document.querySelector("#write-up form");'
                .'return form.action + "?" + new URLSearchParams(new FormData(form));',
        );
        $pattern = (string) $this->driver()->executeAsyncScript(
            'const done = arguments[1]; fetch(arguments[0]).then((answer) => answer.text()).then(done);',
            [$address],
        );
        $this->assertStringContainsString('data:image/jpeg', $pattern);

        // And ten more.
        $this->open("{$book}/cut", 390, 844);
        $this->driver()->executeScript('document.querySelector("#batch").open = true;');
        $this->find('#copies')->sendKeys('10');
        $this->driver()->executeScript('document.querySelector("#batch form").requestSubmit();');
        $this->driver()->wait(10, 100)->until(fn (): bool => ! str_contains($this->driver()->getCurrentURL(), "{$book}/cut"));
        $this->assertStringContainsString('× 10', $this->text('body'));
    }

    /** Presses a button until it is gone, or something is said, so many times at the most. */
    private function pressOn(string $button, int $most, string $until = '…'): void
    {
        for ($press = 0; $press < $most && $this->has($button) && ! str_contains($this->text('#stage'), $until); $press++) {
            $this->pressed(fn () => $this->driver()->executeScript('document.querySelector(arguments[0]).click()', [$button]));
        }
    }

    /** A press and what comes of it, and then as long as a second one would count for the same. */
    private function pressed(\Closure $press): void
    {
        $before = $this->text('#stage');
        $this->betweenPresses();
        $press();
        $this->driver()->wait(10, 50)->until(fn (): bool => $this->text('#stage') !== $before);
    }

    private function has(string $selector): bool
    {
        return $this->driver()->findElements(WebDriverBy::cssSelector($selector)) !== [];
    }

    private function waitFor(string $selector, string $text): void
    {
        $this->waitForText($selector, $text);
    }
}

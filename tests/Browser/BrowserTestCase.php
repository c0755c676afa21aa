<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\NoSuchWindowException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

abstract class BrowserTestCase extends TestCase
{
    private const ANSWERS = 'return !document.querySelector("script[type=module]") || "answers" in document.documentElement.dataset;';

    private static ?Chromium $chromium = null;

    public static function tearDownAfterClass(): void
    {
        self::$chromium?->close();
        self::$chromium = null;
    }

    /** @return array<string, string> what the application is told besides what it is told for all tests */
    protected static function settings(): array
    {
        return [];
    }

    protected function tearDown(): void
    {
        // Whatever a test did, the page must not have complained; 404s of pages under test aside.
        $complaints = array_filter(
            $this->driver()->manage()->getLog('browser'),
            static fn (array $entry): bool => $entry['level'] === 'SEVERE',
        );
        $this->assertSame([], array_column($complaints, 'message'));
    }

    /** Chromium, with a page that answers: it is painted a moment before it does, and hands are slower than tests. */
    protected function driver(): RemoteWebDriver
    {
        $driver = $this->chromium()->driver;
        try {
            for ($patience = 0; $patience < 250 && ! $driver->executeScript(self::ANSWERS); $patience++) {
                usleep(20_000);
            }
        } catch (NoSuchWindowException) {
            // A test has shut one window and is about to turn to another.
        }

        return $driver;
    }

    protected function open(string $path, int $width = 1280, int $height = 800): void
    {
        $this->driver()->manage()->window()->setSize(new WebDriverDimension($width, $height));
        $this->driver()->get($this->chromium()->address.$path);
    }

    /** axe-core (its WCAG rules) at the widths of a laptop and a phone, with all that folds away opened; nothing sticks out. */
    protected function assertAnybodyCanUse(string $path): void
    {
        foreach ([[1280, 800], [360, 740]] as [$width, $height]) {
            $this->open($path, $width, $height);
            $this->driver()->executeScript('document.querySelectorAll("details").forEach((details) => { details.open = true; });');
            $this->driver()->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
            $violations = $this->driver()->executeAsyncScript(<<<'JS'
                const done = arguments[arguments.length - 1];
                axe.run().then((result) => done(result.violations
                    .filter((violation) => ['serious', 'critical'].includes(violation.impact))
                    .map(
                        (violation) => violation.id + ': ' + violation.nodes.slice(0, 3).map((node) => node.html.slice(0, 160)).join(' | '),
                    )));
                JS);
            $this->assertSame([], $violations, "{$path} at {$width}");

            $over = $this->driver()->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth;');
            $this->assertLessThanOrEqual(0, $over, "{$path} is wider than a screen of {$width}");
        }
    }

    /** The page of a project by a part of its name. */
    protected function project(string $name, string $stage): string
    {
        $this->driver()->get($this->chromium()->address.'/');
        $link = $this->at(WebDriverBy::partialLinkText($name))->getAttribute('href');
        preg_match('~/projects/(\d+)/~', (string) $link, $found);

        return "/projects/{$found[1]}/{$stage}";
    }

    protected function find(string $selector): OnPage
    {
        return $this->at(WebDriverBy::cssSelector($selector));
    }

    protected function at(WebDriverBy $place): OnPage
    {
        return new OnPage($this->driver(), $place);
    }

    protected function text(string $selector): string
    {
        return (string) $this->driver()->executeScript('return document.querySelector(arguments[0])?.innerText ?? "";', [$selector]);
    }

    /** Two presses within half a second are one, for fingers with glue on them: a second one that is meant comes later. */
    protected function betweenPresses(): void
    {
        usleep(550_000);
    }

    /** Waits until the page says something, somewhere in an element. */
    protected function waitForText(string $selector, string $text): void
    {
        $this->driver()->wait(20, 100)->until(
            fn (): bool => str_contains($this->text($selector), $text),
            "“{$text}” did not appear in {$selector}, which says: ".$this->text($selector),
        );
        $this->addToAssertionCount(1);
    }

    /**
     * On the keyboard, whatever has the focus: an element that is being swapped cannot refuse it. Modifiers are held to the end.
     */
    protected function press(string ...$keys): void
    {
        $held = array_filter($keys, static fn (string $key): bool => in_array($key, [WebDriverKeys::CONTROL, WebDriverKeys::SHIFT], true));
        $actions = [];
        foreach (mb_str_split(implode('', $keys)) as $key) {
            $actions[] = ['type' => 'keyDown', 'value' => $key];
            if (! in_array($key, $held, true)) {
                $actions[] = ['type' => 'keyUp', 'value' => $key];
            }
        }
        foreach ($held as $key) {
            $actions[] = ['type' => 'keyUp', 'value' => $key];
        }
        $keyboard = ['type' => 'key', 'id' => 'keyboard', 'actions' => $actions];
        $this->driver()->executeCustomCommand('/session/:sessionId/actions', 'POST', ['actions' => [$keyboard]]);
    }

    /** Scrolls to whatever comes only when it is looked at, until all of it is there. */
    protected function lookAtAll(): void
    {
        $this->driver()->wait(20, 100)->until(fn (): bool => (bool) $this->driver()->executeScript(
            'const later = document.querySelector(".is-later"); later?.scrollIntoView({ block: "center" }); return later === null;',
        ));
    }

    /** Typed in place of what stands there. */
    protected function typed(string $field, string $keys): void
    {
        $this->driver()->executeScript(
            'const field = document.querySelector(arguments[0]); field.focus({ preventScroll: true }); field.select()',
            [$field],
        );
        $this->find($field)->sendKeys($keys);
    }

    private function chromium(): Chromium
    {
        return self::$chromium ??= new Chromium(static::settings());
    }
}

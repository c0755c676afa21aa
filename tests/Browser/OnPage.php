<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;

/**
 * What stands at a place of the page, looked up for each thing done with it: a stage that comes after its drawing puts a new element
 * of the same name in its place, and hands would not notice. What was refused because the element had gone was not done.
 */
final readonly class OnPage
{
    private const TRIES = 20;

    public function __construct(private RemoteWebDriver $driver, private WebDriverBy $place)
    {
    }

    public function click(): void
    {
        $this->tried(static fn (RemoteWebElement $element): RemoteWebElement => $element->click());
    }

    /** The pointer goes to so many pixels right of and below its middle, and presses. */
    public function press(int $right = 0, int $down = 0): void
    {
        $this->tried(function (RemoteWebElement $element) use ($right, $down): void {
            (new WebDriverActions($this->driver))->moveToElement($element, $right, $down)->click()->perform();
        });
    }

    public function sendKeys(string $keys): void
    {
        $this->tried(static fn (RemoteWebElement $element): RemoteWebElement => $element->sendKeys($keys));
    }

    public function submit(): void
    {
        $this->tried(static fn (RemoteWebElement $element): RemoteWebElement => $element->submit());
    }

    public function getAttribute(string $name): ?string
    {
        return $this->tried(static fn (RemoteWebElement $element): ?string => self::asWritten($element->getAttribute($name)));
    }

    public function isSelected(): bool
    {
        return $this->tried(static fn (RemoteWebElement $element): bool => $element->isSelected());
    }

    public function isDisplayed(): bool
    {
        return $this->tried(static fn (RemoteWebElement $element): bool => $element->isDisplayed());
    }

    /** Itself, for what takes an element: it may be gone by then. */
    public function element(): RemoteWebElement
    {
        return $this->driver->findElement($this->place);
    }

    private static function asWritten(string|bool|null $value): ?string
    {
        return is_bool($value) ? ($value ? 'true' : null) : $value;
    }

    /**
     * @template T
     *
     * @param  \Closure(RemoteWebElement): T  $done
     * @return T
     */
    private function tried(\Closure $done): mixed
    {
        for ($try = 1; ; $try++) {
            try {
                return $done($this->element());
            } catch (StaleElementReferenceException $gone) {
                if ($try === self::TRIES) {
                    throw $gone;
                }
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Cutting by the space bar, and a piece drawn to its motif. */
final class TrimmerTest extends BrowserTestCase
{
    public function test_space_makes_the_cut_and_the_arrow_takes_it_back(): void
    {
        $this->open($this->project('Eclipse keepsake', 'cut'));
        $this->waitForText('.trimmer', 'cut 1 of');
        $fence = $this->text('.fence-now');
        $this->press(WebDriverKeys::SPACE);
        $this->waitForText('.trimmer', 'cut 2 of');
        $this->assertNotSame($fence, $this->text('.fence-now'));
        // It is seen at once; what the arrow takes back is known when the answer is there.
        $this->driver()->wait(10, 100)->until(fn (): bool => $this->driver()->executeScript('return !!document.getElementById("cut-back")'));
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitForText('.trimmer', 'cut 1 of');
        $this->assertSame($fence, $this->text('.fence-now'));
    }

    public function test_a_piece_dragged_to_a_motif_is_pinned_there_and_the_others_go_round_it(): void
    {
        $this->open($this->project('Perseid night album', 'cut'));
        $this->lookAtAll();
        $piece = $this->driver()->findElement(WebDriverBy::cssSelector('.pattern .blank[data-letter="E"] .blank-paper'));
        $this->driver()->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$piece]);
        $this->driver()->action()->dragAndDropBy($piece, 40, 20)->perform();
        $this->waitForText('.pins', 'E, Spine strip: sheet 1');
        $this->assertStringContainsString('from the head', $this->text('.pins'));
        // The sheets further down have come by then, and nothing moves any more.
        $this->lookAtAll();
        $this->at(WebDriverBy::xpath('//ul[@class="pins"]//button'))->click();
        $this->driver()->wait(10, 100)->until(fn (): bool => $this->text('.pins') === '');
        $this->addToAssertionCount(1);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\TestWith;

/** After every swap the thing in hand is where it was on the screen, and still in hand. */
final class NothingJumpsTest extends BrowserTestCase
{
    /** Pixels that fractions of a line may make. */
    private const NEAR = 3;

    #[TestWith([390])]
    #[TestWith([768])]
    #[TestWith([1280])]
    public function test_a_cut_and_one_back(int $width): void
    {
        $this->open($this->project('Full moon', 'cut'), $width, 844);
        $this->stays('#cut-made', fn () => $this->find('#cut-made')->click(), '.trimmer', 'cut 2 of');
        $this->stays('#cut-made', fn () => $this->find('#cut-made')->click(), '.trimmer', 'cut 3 of');
        $this->stays('#cut-back', fn () => $this->find('#cut-back')->click(), '.trimmer', 'cut 2 of');
        $this->betweenPresses();
        $this->find('#cut-back')->click();
        $this->waitForText('.trimmer', 'cut 1 of');
    }

    #[TestWith([390])]
    #[TestWith([768])]
    #[TestWith([1280])]
    public function test_an_offcut_kept_or_binned_far_down(int $width): void
    {
        $this->open($this->project('Full moon', 'cut'), $width, 844);
        $button = '.offcuts button';
        $was = $this->text($button);
        $this->stays($button, fn () => $this->find($button)->click(), $button, $was === 'keep' ? 'bin' : 'keep');
    }

    #[TestWith([390])]
    #[TestWith([768])]
    #[TestWith([1280])]
    public function test_a_measure_and_enter(int $width): void
    {
        $this->open($this->project('Zenith sampler', 'plan'), $width, 844);
        $field = '#f-parameters-leaf-height';
        $this->stays($field, function () use ($field): void {
            $this->typed($field, '7 1/2'.WebDriverKeys::ENTER);
        }, '.said', 'leaf height');
        $this->assertSame(substr($field, 1), $this->driver()->executeScript('return document.activeElement.id'));
        $this->driver()->executeScript('document.activeElement.blur()');
        $this->stays('#undo', fn () => $this->find('#undo')->click(), '.said', 'taken back');
    }

    public function test_what_a_change_does_not_concern_is_left_as_it_stands(): void
    {
        $this->open($this->project('Zenith sampler', 'plan'));
        $this->driver()->executeScript(<<<'JS'
            document.getElementById('tools').open = true;
            document.getElementById('tools').seenBefore = true;
            document.querySelector('.drawn svg').seenBefore = true;
            document.querySelector('[name="set[mats.alternate]"]').closest('details').open = true;
            document.getElementById('f-parameters-leaf-width').value = '5 1/4';
            JS);
        $this->typed('#f-parameters-leaf-height', '7 1/2'.WebDriverKeys::ENTER);
        $this->waitForText('.said', 'leaf height');
        $left = $this->driver()->executeScript(<<<'JS'
            const tools = document.getElementById('tools');
            return [tools.seenBefore === true, tools.open, document.querySelector('.drawn svg').seenBefore === true,
                document.querySelectorAll('input[name=revision]').length,
                new Set([...document.querySelectorAll('input[name=revision]')].map((field) => field.value)).size];
            JS);
        $this->assertSame([true, true, false], array_slice($left, 0, 3), 'the drawing is another, the tools are not');
        $this->assertGreaterThan(5, $left[3]);
        $this->assertSame(1, $left[4], 'every form goes on from what is now');
        $this->betweenPresses();
        $this->find('#undo')->click();
        $this->waitForText('.said', 'taken back');
    }

    #[TestWith([390])]
    #[TestWith([768])]
    #[TestWith([1280])]
    public function test_a_wrong_measure_keeps_its_field_in_view(int $width): void
    {
        $this->open($this->project('Zenith sampler', 'plan'), $width, 844);
        $field = '#f-parameters-leaf-height';
        $this->stays($field, function () use ($field): void {
            $this->typed($field, 'tall'.WebDriverKeys::ENTER);
        }, '#measures', 'does not read as a length');
    }

    #[TestWith([390])]
    #[TestWith([768])]
    #[TestWith([1280])]
    public function test_a_score_and_a_place_at_the_bench(int $width): void
    {
        $this->open($this->project('Zenith sampler', 'score'), $width, 844);
        $button = '.score-ticks button';
        $this->stays($button, fn () => $this->find($button)->click(), $button, '✓');
        $this->stays($button, fn () => $this->find($button)->click(), $button, '○');
        $this->open($this->project('Zenith sampler', 'bench').'?step=sort', $width, 844);
        $this->stays('#place-0', fn () => $this->find('#place-0')->click(), '#place-0', '✓');
        $this->stays('#place-0', fn () => $this->find('#place-0')->click(), '#place-0', '○');
    }

    #[TestWith([390])]
    #[TestWith([1280])]
    public function test_a_thing_put_on_a_page_and_taken_off(int $width): void
    {
        $this->open($this->project('Zenith sampler', 'plan').'?face=page-5', $width, 844);
        $this->at(WebDriverBy::linkText('tag'))->click();
        $this->waitForText('.spots', 'Where does the tag go');
        $this->at(WebDriverBy::xpath('//button[.="Where it usually goes"]'))->click();
        $this->waitForText('#on-face', 'Tag');
        $this->driver()->executeScript('document.querySelector("#on-face .thing").open = true');
        $scroll = $this->scrolledTo('[data-take-off]');
        $this->find('[data-take-off]')->click();
        $this->waitForText('.said', 'something taken off');
        $this->assertEqualsWithDelta($scroll, $this->scroll(), 400, 'what was in hand is gone, the page stays about where it was');
    }

    /** @param \Closure(): mixed $press */
    private function stays(string $selector, \Closure $press, string $where, string $said): void
    {
        $this->scrolledTo($selector);
        $top = $this->top($selector);
        $scroll = $this->scroll();
        $this->betweenPresses();
        $press();
        $this->waitForText($where, $said);
        $this->driver()->wait(3, 50)->until(
            fn (): bool => $this->driver()->executeScript(
                'return document.querySelector(".htmx-request, .htmx-settling, .htmx-swapping") === null',
            ),
        );
        $isAtTheEnd = $this->driver()->executeScript(
            'return window.innerHeight + window.scrollY >= document.documentElement.scrollHeight - 2',
        );
        $this->assertEqualsWithDelta(
            $top,
            $this->top($selector),
            $isAtTheEnd || $this->scroll() === 0 ? 400 : self::NEAR,
            "{$selector}: scroll {$scroll} → {$this->scroll()}",
        );
    }

    /** Over what stands there, without a change of its own in between. */
    private function scrolledTo(string $selector): int
    {
        $this->driver()->executeScript(
            'document.querySelector(arguments[0]).scrollIntoView({ block: "center", behavior: "instant" })',
            [$selector],
        );

        return $this->scroll();
    }

    private function top(string $selector): float
    {
        return (float) $this->driver()->executeScript(
            'return document.querySelector(arguments[0])?.getBoundingClientRect().top ?? -9999',
            [$selector],
        );
    }

    private function scroll(): int
    {
        return (int) $this->driver()->executeScript('return Math.round(window.scrollY)');
    }
}

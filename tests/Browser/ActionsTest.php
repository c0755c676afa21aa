<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** How many times one has to press or type to get somewhere: each press, each field that is filled and each choice is one action. */
final class ActionsTest extends BrowserTestCase
{
    private int $actions = 0;

    /** Twenty-four prints and a pad of 36 sheets → the cut list, printed. */
    public function test_from_a_heap_of_prints_to_the_cut_list(): void
    {
        $this->open('/');
        $this->pressed('Which book for what I have?');
        $this->filled('#photos', '24');
        $this->clicked('#from-sheets');
        $this->filled('[name=count]', '36');
        $this->pressed('Which books?');
        $this->driver()->wait(60, 200)->until(fn (): bool => str_contains($this->text('main'), 'books keep all of that'));
        $this->filled('.advised li:first-child [name=name]', 'From the pad');
        $this->clicked('.advised li:first-child button.btn-main');
        $this->waitForText('h1', 'From the pad');
        $this->assertStringContainsString('the measures and papers you were advised', $this->text('.said'));
        $this->clicked('a[data-stage-key][href$="/print"]');
        $this->waitForText('[aria-current=page]', 'Print');
        $form = $this->driver()->executeScript(
            'const form = document.querySelector("form[action$=\'cut-list.pdf\']"); return form.action + "?" + new URLSearchParams(new FormData(form));',
        );
        $this->actions++;
        $kind = $this->driver()->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; fetch(arguments[0]).then((answer) => done(answer.headers.get("Content-Type")))',
            [$form],
        );
        $this->assertStringContainsString('application/pdf', (string) $kind);
        $this->assertNoMoreThan(12);
    }

    public function test_a_measure_as_a_sum_and_back(): void
    {
        $this->open($this->project('Zenith sampler', 'plan'));
        $this->filled('#f-parameters-leaf-height', 'half of 15'.WebDriverKeys::ENTER);
        $this->waitForText('.said', 'leaf height');
        $this->betweenPresses();
        $this->clicked('#undo');
        $this->waitForText('.said', 'taken back');
        $this->assertNoMoreThan(2);
    }

    public function test_a_book_by_name_from_the_catalogue(): void
    {
        $this->open('/');
        $this->clicked('.masthead a.btn-main');
        $this->driver()->wait(60, 200)->until(fn (): bool => $this->text('button[aria-label="Begin a meander book"]') !== '');
        $this->filled('[aria-label="Name of the meander book"]', 'For the comet');
        $this->clicked('button[aria-label="Begin a meander book"]');
        $this->waitForText('h1', 'For the comet');
        $this->assertNoMoreThan(3);
    }

    public function test_from_the_shelf_to_the_first_cut_and_the_other_unit(): void
    {
        $this->open('/');
        $this->actions++;
        $this->at(WebDriverBy::linkText('Full moon folio'))->click();
        $this->clicked('a[data-stage-key][href$="/cut"]');
        $this->waitForText('#trimmer', 'cut 1 of');
        $this->clicked('#cut-made');
        $this->waitForText('#trimmer', 'cut 2 of');
        $this->betweenPresses();
        $this->clicked('#cut-back');
        $this->waitForText('#trimmer', 'cut 1 of');
        $this->clicked('#switch-unit');
        $this->waitForText('#trimmer', 'cm');
        $this->assertNoMoreThan(5);
    }

    public function test_what_a_word_means_and_on_with_the_work(): void
    {
        $this->open($this->project('Zenith sampler', 'plan'), 390, 844);
        $this->clicked('.field-note a.word');
        $this->waitForText('#word', 'A pressed line to fold on.');
        $this->clicked('#word button');
        $this->assertFalse($this->driver()->executeScript('return document.getElementById("word").open'));
        $this->assertNoMoreThan(2);
    }

    public function test_thirds_of_a_sheet(): void
    {
        $this->open('/');
        $this->pressed('Only a sum');
        $this->filled('#whole', '11'.WebDriverKeys::ENTER);
        $this->waitForText('.answer', 'Scores at');
        $this->assertNoMoreThan(2);
    }

    /** From the shelf with many books to the one that has a belly band. */
    public function test_a_book_by_what_it_holds(): void
    {
        $this->open('/');
        $this->clicked('#shelf-holds > summary');
        $this->filledByChoice('#shelf-with', 'belly-band');
        $this->driver()->wait(20, 100)->until(fn (): bool => ! str_contains($this->text('#books'), 'Zenith sampler'));
        $this->assertStringContainsString('Full moon folio', $this->text('#books'));
        $this->assertNoMoreThan(2);
    }

    public function test_a_pocket_on_a_page_where_it_usually_goes(): void
    {
        $this->open($this->project('Full moon folio', 'plan'));
        $things = fn (): int => count($this->driver()->findElements(WebDriverBy::cssSelector('#on-face .thing')));
        $before = $things();
        $this->actions++;
        $this->at(WebDriverBy::linkText('tag'))->click();
        $this->waitForText('.spots', 'Where does the tag go?');
        $this->pressed('Where it usually goes');
        $this->waitForText('.said', 'ut on');
        $this->driver()->wait(20, 100)->until(static fn (): bool => $things() === $before + 1);
        $this->betweenPresses();
        $this->clicked('#undo');
        $this->driver()->wait(20, 100)->until(static fn (): bool => $things() === $before);
        $this->assertNoMoreThan(3);
    }

    /** From a book that is planned to the second step at the bench, and to how it folds. */
    public function test_from_the_plan_to_the_bench_and_its_next_step(): void
    {
        $this->open($this->project('Full moon folio', 'plan'));
        $this->clicked('a[data-stage-key][href$="/fold"]');
        $this->waitForText('[aria-current=page]', 'Fold');
        $this->clicked('#fold-play');
        $this->driver()->wait(20, 100)->until(fn (): bool => (float) $this->find('.fold-controls input')->getAttribute('value') > 0.0);
        $this->clicked('a[data-stage-key][href$="/bench"]');
        $this->waitForText('[aria-current=page]', 'Bench');
        $this->assertNoMoreThan(3);
    }

    private function filledByChoice(string $field, string $value): void
    {
        $this->actions++;
        $this->driver()->executeScript(
            'const field = document.querySelector(arguments[0]); field.value = arguments[1]; field.dispatchEvent(new Event("change", { bubbles: true }));',
            [$field, $value],
        );
    }

    private function pressed(string $text): void
    {
        $this->actions++;
        $this->at(WebDriverBy::xpath("//a[normalize-space()='{$text}']|//button[normalize-space()='{$text}']"))->click();
    }

    private function clicked(string $selector): void
    {
        $this->actions++;
        $this->find($selector)->click();
    }

    private function filled(string $field, string $keys): void
    {
        $this->actions++;
        $this->typed($field, $keys);
    }

    private function assertNoMoreThan(int $actions): void
    {
        $this->assertLessThanOrEqual($actions, $this->actions);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\ToolGrid;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A maker at work: measures, undo, two windows, the slider, the bench by keys. */
final class WorkingTest extends BrowserTestCase
{
    public function test_a_typed_measure_changes_the_pieces_in_place_and_is_undone_by_key(): void
    {
        $this->open($this->project('guest book', 'plan'));
        $this->driver()->executeScript('window.stayed = true;');
        $this->type('#f-parameters-leaf-width', '4 1/2');
        $this->waitForText('.said', 'leaf width 5 1/2 in → 4 1/2 in');
        $this->assertStringContainsString('9', $this->text('.pieces tbody tr:nth-child(2)'));
        $this->assertTrue($this->driver()->executeScript('return window.stayed === true;'), 'only the changed part of the page is swapped');

        $this->driver()->executeScript('document.activeElement.blur();');
        $this->press(WebDriverKeys::CONTROL, 'z');
        $this->waitForText('.said', 'taken back');
        $this->assertSame('5 1/2', $this->find('#f-parameters-leaf-width')->getAttribute('value'));
    }

    public function test_a_wrong_measure_is_answered_beside_the_field_and_what_was_typed_stays(): void
    {
        $this->open($this->project('Perseid', 'plan'));
        $this->type('#f-parameters-leaf-width', '5//8');
        $this->waitForText('#f-parameters-leaf-width-error', '“5/” can be read; “/8” after it cannot.');
        $this->assertSame('5//8', $this->find('#f-parameters-leaf-width')->getAttribute('value'));
        $this->assertSame('true', $this->find('#f-parameters-leaf-width')->getAttribute('aria-invalid'));
    }

    public function test_what_was_open_stays_open_and_what_is_being_typed_is_not_lost(): void
    {
        $this->open($this->project('Perseid', 'plan'));
        $this->driver()->executeScript('document.getElementById("papers").open = true;');
        $this->type('#mat-base-weight', '200 g');
        // Already typing in the next field when the answer to the first one comes.
        $this->driver()->executeScript('const next = document.getElementById("mat-base-selvage"); next.focus(); next.value = "1/";');
        $this->waitForText('.said', 'mat base weight 160 g → 200 g');
        $this->driver()->wait(5, 100)->until(
            fn (): bool => $this->driver()->executeScript(
                'return document.getElementById("papers").open && document.getElementById("mat-base-selvage").value === "1/" '
                    .'&& document.activeElement.id === "mat-base-selvage";',
            ),
        );
        $this->addToAssertionCount(1);
        $this->driver()->executeScript(
            'document.getElementById("mat-base-selvage").value = document.getElementById("mat-base-selvage").defaultValue;',
        );
    }

    public function test_the_drawing_comes_before_what_follows_and_one_goes_on_meanwhile(): void
    {
        $this->open($this->project('guest book', 'plan'));
        $new = $this->newWidth();
        $revision = (int) $this->find('[data-first]')->getAttribute('data-revision');
        $this->farAway(900);
        $this->type('#f-parameters-leaf-width', $new);
        $drawn = fn (): mixed => $this->driver()->executeScript('return document.querySelector("[data-first]").dataset.revision;');
        $this->driver()->wait(5, 30)->until(static fn (): bool => $drawn() === (string) ($revision + 1));
        $this->assertSame('true', $this->find('#stage')->getAttribute('aria-busy'), 'what follows is on its way');
        $this->assertStringNotContainsString($new, $this->text('.said'));
        $this->type('#f-parameters-leaf-height', '6 3/8');
        $this->farAway(0);
        $this->waitForText('.said', '→ 6 3/8 in');
        $this->driver()->wait(5, 30)->until(fn (): bool => $this->find('#stage')->getAttribute('aria-busy') === null);
        $this->assertSame((string) ($revision + 2), $drawn());
        $this->assertSame([$new, '6 3/8'], [
            $this->find('#f-parameters-leaf-width')->getAttribute('value'), $this->find('#f-parameters-leaf-height')->getAttribute('value'),
        ]);
        // The first page, had it come after all, would have been that of the first change.
        usleep(1_000_000);
        $this->assertSame('6 3/8', $this->find('#f-parameters-leaf-height')->getAttribute('value'));
        $this->assertStringContainsString('→ 6 3/8 in', $this->text('.said'));
        $this->takeBack(3);
    }

    public function test_enter_which_sends_a_field_twice_is_answered_once(): void
    {
        $this->open($this->project('guest book', 'plan'));
        $new = $this->newWidth();
        $this->farAway(900);
        $this->driver()->executeScript('const field = document.getElementById("f-parameters-leaf-width"); field.focus(); field.select();');
        $this->press($new, WebDriverKeys::ENTER);
        $this->waitForText('.said', "→ {$new} in");
        $this->farAway(0);
        $this->assertSame($new, $this->find('#f-parameters-leaf-width')->getAttribute('value'));
        $this->takeBack(2);
    }

    public function test_a_finding_is_mended_with_one_press(): void
    {
        $this->open($this->project('guest book', 'plan'));
        $this->waitForText('.findings', 'will gape');
        $this->at(WebDriverBy::xpath('//button[contains(., "Make it")]'))->click();
        $this->waitForText('.said', 'step 1/8 in → 1/4 in');
        $this->assertStringNotContainsString('will gape', $this->text('.findings'));
    }

    public function test_a_print_is_begun_when_one_reaches_for_it(): void
    {
        $this->open($this->project('Perseid', 'print'));
        $begun = fn (): array => array_map(
            static fn (string $address): string => (string) preg_replace('~^.*/print/~', '', $address),
            array_filter((array) $this->driver()->executeScript(
                'return performance.getEntriesByType("resource").map((one) => one.name).filter((name) => name.includes("/print/"));',
            ), is_string(...)),
        );
        $this->driver()->wait(20, 100)->until(static fn (): bool => $begun() !== []);
        $this->assertSame(['cut-list.pdf?paper=letter'], $begun());
        $this->driver()->executeScript('document.getElementById("scale").focus();');
        $this->driver()->wait(20, 100)->until(static fn (): bool => count($begun()) > 1);
        $this->driver()->executeScript('document.activeElement.blur(); const scale = document.getElementById("scale"); scale.focus(); scale.select();');
        $this->press('1/3', WebDriverKeys::TAB);
        $this->driver()->wait(20, 100)->until(static fn (): bool => count($begun()) > 2);
        $this->assertSame(
            ['cut-list.pdf?paper=letter', 'mock-up.pdf?paper=letter&scale=1%2F4', 'mock-up.pdf?paper=letter&scale=1%2F3'],
            $begun(),
            'each once',
        );
        $this->open($this->project('Perseid', 'log'));
        $this->driver()->executeScript(
            'document.getElementById("write-up").open = true; document.querySelector("a[href$=\'pattern.pdf\']").focus();',
        );
        $this->driver()->wait(20, 100)->until(static fn (): bool => $begun() !== []);
        $this->assertSame(['pattern.pdf'], $begun(), 'behind a link too');
    }

    public function test_a_pocket_is_put_on_a_page_that_was_pressed_in_the_drawing(): void
    {
        $this->open($this->project('Perseid', 'plan'));
        $this->driver()->findElements(WebDriverBy::cssSelector('.openings a'))[2]->click();
        $this->waitForText('.particulars', 'On page 4');
        $this->driver()->executeScript(
            'document.querySelector("a.face[aria-label=\'Page 3\']")'
                .'.dispatchEvent(new MouseEvent("click", { bubbles: true, cancelable: true }));',
        );
        $this->waitForText('.particulars', 'On page 3');
        $this->at(WebDriverBy::linkText('pocket'))->click();
        $this->waitForText('.spots', 'Where does the pocket go?');
        $this->at(WebDriverBy::xpath('//button[contains(., "Where it usually goes")]'))->click();
        $this->waitForText('.said', 'something put on a page');
        $this->assertStringContainsString('Top-load pocket on page 3', $this->text('.particulars'));
    }

    public function test_a_thing_is_put_where_the_drawing_is_pressed_moved_by_keys_dragged_and_put_back(): void
    {
        $this->open($this->project('Zenith', 'plan').'?face=page-5&put=photo-mat');
        $this->waitForText('.spots', 'press the place');
        $mark = $this->find('.chosen-mark');
        // The page is 5½ × 8; its middle is pressed, and the mat for 4 × 6 lies around it.
        $mark->press();
        $this->waitForText('.said', 'something put on a page');
        $this->assertSame(['5/8 in', '7/8 in'], $this->placeOfMat());

        $this->driver()->executeScript('document.querySelector(".handle").focus();');
        $this->press(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_UP);
        $this->waitForText('.said', 'across 5/8 in → 3/4 in');
        $this->assertSame(['3/4 in', '15/16 in'], $this->placeOfMat());
        $this->assertTrue(
            $this->driver()->executeScript('return document.activeElement.classList.contains("handle");'),
            'it stays in hand',
        );

        (new WebDriverActions($this->driver()))->dragAndDropBy($this->find('.handle')->element(), -40, 0)->perform();
        $this->waitForText('.said', 'across 3/4 in →');
        [$across] = $this->placeOfMat();
        $this->assertTrue(Length::parse($across)->isLessThan(Length::parse('3/4 in')));
        $this->assertTrue(ToolGrid::Sixteenth->carries(Length::parse($across)), 'on a mark of the tool');

        $this->press(WebDriverKeys::CONTROL, 'z');
        $this->waitForText('.said', 'taken back');
        $this->assertSame(['3/4 in', '15/16 in'], $this->placeOfMat());
    }

    public function test_flaps_lift_in_place_and_take_things_inside(): void
    {
        $this->open($this->project('Full moon', 'plan').'?face=page-10');
        $this->at(WebDriverBy::linkText('Inside of the waterfall flap 3'))->click();
        $this->waitForText('#on-face > summary', 'inside of the waterfall flap 3');
        $this->at(WebDriverBy::linkText('tuck spot'))->click();
        $this->at(WebDriverBy::xpath('//button[.="bottom right"]'))->click();
        $this->waitForText('.pieces', 'Tuck spot');
        $this->assertStringContainsString('inside of the waterfall flap 3', $this->text('#on-face > summary'));
        $this->assertStringContainsString('Tuck spot', $this->text('.thing'));
    }

    /** @return array{string, string} across and up of the last thing, as the design file has them */
    private function placeOfMat(): array
    {
        $design = json_decode(
            (string) $this->driver()->executeScript(
                'const request = new XMLHttpRequest(); request.open("GET", location.pathname.replace("plan", "design.json"), false); '
                    .'request.send(); return request.responseText;',
            ),
            true,
        );
        $things = $design['things'];

        return [end($things)['parameters']['across'], end($things)['parameters']['up']];
    }

    public function test_the_second_window_is_told(): void
    {
        $this->open($this->project('guest book', 'plan'));
        $first = $this->driver()->getWindowHandle();
        $address = $this->driver()->getCurrentURL();
        $this->driver()->switchTo()->newWindow();
        $this->driver()->get($address);
        $this->type('#f-parameters-sheets', '4');
        $this->waitForText('.said', 'sheets 5 → 4');
        $this->driver()->close();
        $this->driver()->switchTo()->window($first);
        $this->type('#f-parameters-leaf-width', '6');
        $this->waitForText('.is-stop', 'changed in another window');
        $this->assertSame('4', $this->find('#f-parameters-sheets')->getAttribute('value'));
        $this->assertSame('5 1/2', $this->find('#f-parameters-leaf-width')->getAttribute('value'));
    }

    public function test_the_slider_replays_the_cuts(): void
    {
        $this->open($this->project('Perseid', 'cut'));
        $this->lookAtAll();
        $ahead = 'const pattern = document.querySelectorAll(".pattern")[4]; return pattern.querySelectorAll(".cut-step.is-ahead").length;';
        $this->assertSame(0, $this->driver()->executeScript($ahead));
        $this->driver()->executeScript(
            'const slider = document.querySelectorAll(".pattern")[4].querySelector("input[type=range]"); '
                .'slider.value = 2; slider.dispatchEvent(new Event("input", { bubbles: true }));',
        );
        $this->driver()->wait(5, 50)->until(fn (): bool => $this->driver()->executeScript($ahead) > 0);
        $this->assertSame(
            1,
            $this->driver()->executeScript('return document.querySelectorAll(".pattern")[4].querySelectorAll("li.is-now").length;'),
        );
    }

    public function test_the_bench_goes_by_keys_and_keeps_its_place(): void
    {
        $this->open($this->project('guest book', 'bench'));
        $this->waitForText('.count', 'Step 1 of');
        // A stray second press is the first one still. On a busy machine half a second is soon over: it does not pass meanwhile.
        $this->driver()->executeScript('const then = performance.now(); window.goes = performance.now; performance.now = () => then;');
        $this->press(' ');
        $this->waitForText('.count', 'Step 2 of');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->betweenPresses();
        $this->assertStringContainsString('Step 2 of', $this->text('.count'));
        $this->driver()->executeScript('performance.now = window.goes;');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitForText('.count', 'Step 3 of');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitForText('.count', 'Step 2 of');
        $this->assertStringContainsString('done', $this->text('.count'));

        $this->open($this->project('guest book', 'bench'));
        $this->waitForText('.count', 'Step 3 of');
        $this->press('t');
        $this->driver()->wait(5, 100)->until(fn (): bool => str_contains($this->text('.timer'), '00:01'));
        $this->press('m');
        $this->press('5 7/16', WebDriverKeys::ENTER);
        $this->waitForText('.notes', 'came to 5');
    }

    public function test_help_both_units_and_stages_by_key(): void
    {
        $this->open($this->project('Perseid', 'plan'));
        $this->press('?');
        $this->waitForText('dialog[open]', 'at the bench: done, next step');
        // Whatever word the page uses, on a button or in a heading, leads to what it means.
        $this->waitForText('#words-here', 'Words on this page:');
        foreach (['Gusset', 'Mat', 'Pocket', 'Spine'] as $used) {
            $this->assertStringContainsString($used, $this->text('#words-here'));
        }
        $this->assertStringNotContainsString('Swell', $this->text('#words-here'));
        $this->driver()->executeScript('document.querySelector("#words-here a[data-word=pocket]").click()');
        $this->waitForText('#word', 'Glued on three sides');
        $this->press(WebDriverKeys::ESCAPE);
        $this->press(WebDriverKeys::ESCAPE);
        $this->driver()->wait(5, 50)->until(
            fn (): bool => $this->driver()->executeScript('return document.querySelector("dialog[open]") === null'),
        );
        $this->assertStringNotContainsString('cm', $this->text('.pieces tbody'));
        $this->press('u');
        $this->waitForText('.pieces tbody', 'cm');
        $this->press('u');
        $this->press('4');
        $this->waitForText('.scored', 'Sheet 1, innermost');
    }

    public function test_a_book_from_nothing_to_a_cut_list(): void
    {
        $this->open('/');
        $this->at(WebDriverBy::linkText('Choose a structure'))->click();
        $all = count(\Ephemeron\Structure\Catalogue::ofTheHouse()->keys());
        $this->waitForText('main', "all {$all} structures");
        $this->at(WebDriverBy::xpath('//label[contains(., "a first book")]'))->click();
        $this->waitForText('main', "of {$all} structures");
        $this->find('button[aria-label="Begin a meander book"]')->click();
        $this->waitForText('h1', 'Meander book');
        $this->type('#f-parameters-sheet-side', '10');
        $this->waitForText('.said', 'sheet side 12 in → 10 in');
        $this->waitForText('.said', 'Insert');
        $this->waitForText('.pieces', 'Cover card');
        $this->find('[data-stage-key="3"]')->click();
        $this->waitForText('main', 'fewer is impossible');
    }

    /** A width of this book that no plan is remembered for, of this test or of one that was run before. */
    private function newWidth(): string
    {
        $odd = static fn (int $whole): string => sprintf('%d %d/64', $whole, 2 * random_int(0, 31) + 1);
        $height = $odd(7);
        $this->type('#f-parameters-leaf-height', $height);
        $this->waitForText('.said', "→ {$height} in");

        return $odd(4);
    }

    /** So many changes, one after the other. */
    private function takeBack(int $changes): void
    {
        $event = fn (): mixed => $this->driver()->executeScript('return document.querySelector("#undo").form.elements.event.value;');
        while ($changes-- > 0) {
            $before = $event();
            $this->driver()->executeScript('document.activeElement.blur();');
            $this->betweenPresses();
            $this->press(WebDriverKeys::CONTROL, 'z');
            $this->driver()->wait(10, 50)->until(static fn (): bool => $event() !== $before);
        }
    }

    /** As if the server were far away, by so many milliseconds: a page that follows is not there before the next change is made. */
    private function farAway(int $milliseconds): void
    {
        $this->driver()->executeCustomCommand('/session/:sessionId/chromium/network_conditions', 'POST', ['network_conditions' => [
            'offline' => false, 'latency' => $milliseconds, 'download_throughput' => 50_000_000, 'upload_throughput' => 50_000_000,
        ]]);
    }

    private function type(string $selector, string $text): void
    {
        // Emptied without an event: clearing a field by hand would already be a change.
        $this->driver()->executeScript('const field = document.querySelector(arguments[0]); field.focus(); field.value = "";', [$selector]);
        $this->press($text, WebDriverKeys::TAB);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Planning\ProjectEditor;
use App\View\Typeset;
use App\Words\Glossary;
use App\Words\Screens;
use App\Words\WordDrawing;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

final class WordsTest extends TestCase
{
    use RefreshDatabase;

    public function test_every_word_has_a_meaning_and_a_drawing_of_its_own(): void
    {
        $drawn = [];
        foreach (Glossary::ofTheHouse()->words as $key => $word) {
            $this->assertSame($key, $word->key);
            $this->assertGreaterThan(15, mb_strlen($word->meaning), $word->name);
            $drawing = (new WordDrawing)->draw($word)->inline();
            $this->assertNotFalse(simplexml_load_string($drawing), $word->name);
            $drawn[$key] = preg_replace('/aria-label="[^"]*"/', '', $drawing);
        }
        $this->assertGreaterThanOrEqual(45, count($drawn));
        $this->assertCount(count($drawn), array_unique($drawn), 'no two look alike');
    }

    public function test_words_are_looked_for(): void
    {
        $this->get(route('words'))->assertOk()->assertSee('id="gusset"', false)->assertSee('id="swing-tab"', false);
        $this->get(route('words', ['search' => 'shingles']))->assertSee('id="waterfall"', false)->assertDontSee('id="gusset"', false);
        $this->get(route('words', ['search' => '<b>']))->assertSee('No word like')->assertDontSee('“<b>”', false);
        $this->get(route('words', ['search' => ['x']]))->assertOk();
        $this->get(route('words.show', 'gusset'))->assertOk()->assertSee('A narrow panel between two scores');
        $this->get(route('words.show', 'nothing'))->assertNotFound();
    }

    public function test_the_first_words_of_a_sentence_lead_to_what_they_mean(): void
    {
        $linked = Glossary::ofTheHouse()->linked(Typeset::html('The gusset takes 4⅞ in; a gusset <b>and</b> its tabs, mats and hinges.'))->toHtml();
        $this->assertSame(2, substr_count($linked, 'class="word"'), 'two of them, each once');
        $this->assertStringContainsString('<a class="word" href="/words#gusset" data-word="gusset">gusset</a> takes', $linked);
        $this->assertStringContainsString('data-word="tab">tabs</a>', $linked);
        $this->assertStringContainsString('&lt;b&gt;', $linked, 'what was no markup is none');
        $this->assertStringContainsString('<span class="frac">7⁄8</span>', $linked);
        $this->assertStringNotContainsString('class="word"', Glossary::ofTheHouse()->linked(Typeset::html('The matter is scoreless.'))->toHtml());
    }

    public function test_every_screen_that_is_explained_is_one(): void
    {
        foreach (array_keys((new \ReflectionClassConstant(Screens::class, 'SAID'))->getValue()) as $route) {
            $this->assertTrue(Route::has($route), $route);
        }
        $project = $this->app->make(ProjectEditor::class)->create(['structure' => 'meander-book']);
        $this->get(route('plan', $project))->assertSee('The book as it will be.')->assertSee('class="word"', false);
        $this->get('/')->assertSee('All your books.')->assertDontSee('Three ways to begin');
        $project->delete();
        $this->get('/')->assertSee('Three ways to begin')->assertSee('Which book?')->assertSee('To the paper drawer');
        $first = ['structure' => 'meander-book', 'unit' => 'in', 'name' => 'My first book'];
        $this->post(route('projects.store'), $first)->assertRedirect();
        $this->assertSame('My first book', Project::query()->sole()->name);
    }

    public function test_books_by_name_in_the_order_people_expect(): void
    {
        foreach (['Dusk 10', 'dusk 2', 'Ébène', 'Eclipse'] as $name) {
            $this->app->make(ProjectEditor::class)->create(['structure' => 'meander-book', 'name' => $name]);
        }
        preg_match_all('~<h2><a [^>]*>([^<]+)</a></h2>~', (string) $this->get('/?order=name')->assertOk()->getContent(), $names);
        $this->assertSame(['dusk 2', 'Dusk 10', 'Ébène', 'Eclipse'], array_map(trim(...), $names[1]));
        $this->assertSame(4, Project::query()->count());
    }
}

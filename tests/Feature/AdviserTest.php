<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Paper;
use App\Models\Project;
use App\Planning\Plans;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class AdviserTest extends TestCase
{
    use RefreshDatabase;

    private const EXAMPLE = ['ask' => '1', 'photo' => '3x4', 'photos' => '8', 'from' => 'sheets', 'sheet' => '12x12', 'count' => '12'];

    public function test_books_come_with_numbers_and_why_they_stand_there(): void
    {
        $this->get(route('adviser'))->assertOk()->assertSee('What goes in?')->assertDontSee('Side by side');
        $page = $this->get(route('adviser', self::EXAMPLE))->assertOk();
        $page->assertSee('keep all of that')->assertSee('It keeps all you said, with the fewest sheets.')->assertSee('sheets, no fewer do');
        $page->assertSee('value="8"', false)->assertSee('value="12"', false);
        $text = (string) $page->getContent();
        $this->assertSame(17, substr_count($text, '<h2>'), 'every structure that comes in sizes');
        $beside = ['mitred-tab-album', 'tab-spine-album'];
        $this->get(route('adviser', [...self::EXAMPLE, 'beside' => $beside, 'order' => 'time']))
            ->assertOk()->assertSee('Side by side, to one scale')->assertSee('a postcard, A6');
        $this->get(route('adviser', [...self::EXAMPLE, 'beside' => [...$beside, 'coil-album', 'z-page-album']]))->assertRedirect();
    }

    public function test_a_book_is_begun_with_its_measures_its_sheets_and_a_name(): void
    {
        $this->post(route('adviser.begin'), [...self::EXAMPLE, 'structure' => 'mitred-tab-album', 'name' => 'Eight from the pad'])
            ->assertRedirect();
        $project = Project::query()->sole();
        $this->assertSame('Eight from the pad', $project->name);
        $plan = $this->app->make(Plans::class)->plan($project);
        $this->assertSame('the sheets in hand', $plan->stocks[1]->stock->name ?? $plan->stocks[0]->stock->name);
        $this->assertSame(0, $plan->missing());
        $this->assertGreaterThanOrEqual(8, $plan->photos[1]->photo->value === '3x4' ? $plan->photos[1]->total() : 0);
        $this->get(route('plan', $project))->assertOk();
    }

    public function test_without_a_name_nothing_is_begun_and_nothing_is_lost(): void
    {
        $answer = $this->post(route('adviser.begin'), [...self::EXAMPLE, 'structure' => 'mitred-tab-album', 'name' => '']);
        $answer->assertRedirect(route('adviser', self::EXAMPLE));
        $this->assertSame(0, Project::query()->count());
    }

    #[TestWith(['photos', '-1', 'A whole number of prints, 0 to 400.'])]
    #[TestWith(['photos', '401', 'A whole number of prints, 0 to 400.'])]
    #[TestWith(['photos', 'many', 'A whole number of prints, 0 to 400.'])]
    #[TestWith(['count', '0', 'A whole number of sheets, 1 to 999; nothing: as many as it takes.'])]
    #[TestWith(['thick', 'thin', 'does not read as a length'])]
    #[TestWith(['width', '5', 'Say how tall it may be, too.'])]
    #[TestWith(['hours', '0.4', 'Hours as a number'])]
    #[TestWith(['copies', '61', 'A whole number of books, 1 to 60.'])]
    public function test_what_cannot_be_meant_is_said_beside_its_field(string $field, string $typed, string $said): void
    {
        $this->get(route('adviser', [...self::EXAMPLE, $field => $typed]))->assertRedirect(route('adviser'))
            ->assertSessionHasErrors($field === 'width' ? 'height' : $field);
        $this->get(route('adviser'))->assertOk()->assertSee($said)->assertSee('value="'.$typed.'"', false);
    }

    public function test_odd_answers_are_asked_again(): void
    {
        $odd = ['without' => 'x', 'beside' => 'y', ...array_fill_keys(['ask', 'photos', 'width', 'unit', 'pad', 'order'], ['x'])];
        $this->get(route('adviser', $odd))->assertRedirect(route('adviser'));
        $this->get(route('adviser'))->assertOk();
        $this->post(route('adviser.begin'), $odd)->assertRedirect();
        $this->post(route('adviser.begin'), ['name' => 'Without a kind'])->assertRedirect()->assertSessionHasErrors('structure');
    }

    public function test_papers_of_the_drawer_come_along(): void
    {
        $this->seed(DatabaseSeeder::class);
        $before = Project::query()->count();
        $asked = ['ask' => '1', 'from' => 'drawer', 'structure' => 'four-flap-folio', 'name' => 'From the drawer'];
        $this->post(route('adviser.begin'), $asked)->assertRedirect();
        $this->assertSame($before + 1, Project::query()->count());
        $design = $this->app->make(Plans::class)->design(Project::query()->latest('id')->firstOrFail());
        $known = Paper::query()->pluck('name');
        $taken = array_filter($design->materials, static fn ($stock): bool => $known->contains($stock->name));
        $this->assertNotSame([], $taken);
    }

    public function test_with_an_empty_drawer_nothing_can_be_made(): void
    {
        $this->get(route('adviser', ['ask' => '1', 'from' => 'drawer']))->assertOk()
            ->assertSee('The drawer has too few sheets')->assertSee('No book keeps all of that.');
    }
}

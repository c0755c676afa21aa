<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Paper;
use App\Models\Project;
use App\Planning\DayPlan;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Fit\Guest;
use Ephemeron\WorkPlan;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Several books in one go, each in its own papers. */
final class TogetherTest extends TestCase
{
    use RefreshDatabase;

    public function test_books_are_planned_together(): void
    {
        [$one, $other] = [Project::factory()->create(['name' => 'Comet']), Project::factory()->create(['name' => 'Nebula'])];
        $this->get('/together')->assertOk()->assertSee('Comet')->assertDontSee('In evenings');
        $this->get("/together?books[{$one->id}]=2&books[{$other->id}]=1")->assertOk()
            ->assertSee('In evenings')->assertSee('for all 3')->assertSee('Comet × 2')->assertSee('A·2A')->assertSee('Cut them together');
        $this->get("/projects/{$one->id}/cost?books=3")->assertOk()->assertSee("books%5B{$one->id}%5D=3", false);
    }

    #[TestWith(['x'])]
    #[TestWith(['51'])]
    #[TestWith(['-1'])]
    #[TestWith(['1.5'])]
    public function test_what_cannot_be_read_is_said_beside_its_field_and_the_others_stand(string $wrong): void
    {
        [$one, $other] = [Project::factory()->create(), Project::factory()->create()];
        $this->get("/together?books[{$one->id}]=2&books[{$other->id}]=".urlencode($wrong))->assertOk()
            ->assertSee("One to 50 of a book, not “{$wrong}”.")->assertSee('value="2"', false)->assertSee('for all 2');
        $this->followingRedirects()->post('/together', ['books' => [$one->id => '2', $other->id => $wrong]])
            ->assertSee("One to 50 of a book, not “{$wrong}”.");
        $this->assertSame(0, Project::query()->whereNotNull('cut_with')->count());
    }

    /** Six of one book take the evenings that the plan of it alone says; two kinds take the sum of their work. */
    public function test_evenings_of_several_books(): void
    {
        $plan = app(Plans::class)->plan(Project::factory()->create());
        $this->assertSame(DayPlan::of($plan, 2), DayPlan::ofAll([[$plan, 2]]));
        $evenings = static fn (array $said): int => (int) $said[count($said) - 1];
        $this->assertGreaterThan($evenings(DayPlan::of($plan, 1)), $evenings(DayPlan::ofAll([[$plan, 6], [$plan, 6]])));
    }

    /** Sheets are ticked once, whichever book they are looked at from, and the drawer is right. */
    public function test_a_sheet_that_several_share_is_ticked_and_taken_once(): void
    {
        [$host, $guest, $paper] = $this->twoOfOnePaper();
        $this->get("/projects/{$host->id}/cut")->assertOk()->assertSee('Cut together')->assertSee($guest->name)->assertSee('2A');
        $first = $this->sheetOf($guest);
        $this->get("/projects/{$guest->id}/cut")->assertRedirect("/projects/{$host->id}/cut?sheet={$first}");
        $count = $this->plan($host)->sheet($first)->count ?? 0;
        $this->assertSame($this->plan($guest)->sheet($first)?->count, $count);

        $this->put("/projects/{$guest->id}/ticks", ['step' => $first, 'done' => '1'])->assertRedirect();
        $this->assertSame(40 - $count, $paper->refresh()->count);
        foreach ([$host, $guest] as $each) {
            $this->assertTrue((new Progress($each->refresh(), $this->plan($each)))->isTicked($first), $each->name);
        }
        $this->assertSame(0, $guest->ticks()->count());
        $this->assertSame(0, $guest->cutWorks()->count());
        $this->put("/projects/{$host->id}/ticks", ['step' => $first, 'done' => '1'])->assertRedirect();
        $this->assertSame(40 - $count, $paper->refresh()->count);

        $this->delete("/projects/{$guest->id}/together")->assertRedirect("/projects/{$host->id}/cut")->assertSessionHas('refused');
        $this->post("/projects/{$guest->id}/undo", ['event' => $guest->events()->max('id')])->assertRedirect();
        $this->assertSame(40, $paper->refresh()->count);
        $this->assertFalse((new Progress($host->refresh(), $this->plan($host)))->isTicked($first));
        $this->delete("/projects/{$guest->id}/together")->assertRedirect("/projects/{$host->id}/cut");
        $this->assertNull($guest->refresh()->cut_with);
    }

    public function test_a_piece_of_a_guest_that_is_spoiled_is_cut_again_with_the_rest(): void
    {
        [$host, $guest] = $this->twoOfOnePaper();
        $first = $this->sheetOf($guest);
        $this->put("/projects/{$host->id}/ticks", ['step' => $first, 'done' => '1'])->assertRedirect();
        $piece = $this->pieceOn($guest, $first);
        $before = $this->plan($host)->sheets() + $this->plan($host)->leftovers();
        $this->post("/projects/{$guest->id}/spoiled", ['piece' => $piece])->assertRedirect()->assertSessionHasNoErrors();
        $this->assertSame(Guest::piece($guest->id, $piece), $host->spoiledPieces()->firstOrFail()->piece);
        $this->assertSame(0, $this->plan($host->refresh())->missing());
        $this->assertGreaterThan($before, $this->plan($host)->sheets() + $this->plan($host)->leftovers());
        $this->post("/projects/{$guest->id}/undo", ['event' => $guest->events()->max('id')])->assertRedirect();
        $this->assertSame(0, $host->spoiledPieces()->count());
    }

    /** What is cut for a guest is not changed silently. */
    public function test_a_change_of_a_guest_asks_about_what_is_cut_for_it(): void
    {
        [$host, $guest] = $this->twoOfOnePaper();
        foreach ($this->plan($host)->stocks[0]->cuts->patterns as $sheet) {
            $this->put("/projects/{$host->id}/ticks", ['step' => $sheet->key, 'done' => '1']);
        }
        $change = ['revision' => $guest->refresh()->revision, 'stage' => 'plan', 'set' => ['parameters.leaf-width' => '5 1/2']];
        $this->patch("/projects/{$guest->id}/design", $change)->assertSessionHas('ask');
        $this->assertSame($guest->version, $guest->refresh()->version);
        $this->delete("/projects/{$guest->id}")->assertRedirect();
        $this->get("/projects/{$host->id}/cut")->assertOk()->assertDontSee('Cut together');
        $this->post("/projects/{$guest->id}/restore")->assertRedirect();
        $this->get("/projects/{$host->id}/cut")->assertOk()->assertSee('Cut together');
        foreach (['/', '/logbook', '/logbook.csv', '/together', '/papers/makes'] as $page) {
            $this->get($page)->assertOk();
        }
        foreach (['plan', 'cut', 'score', 'fold', 'bench', 'print', 'log', 'cost'] as $stage) {
            $this->followingRedirects()->get("/projects/{$guest->id}/".$stage)->assertOk();
        }
    }

    /** Of which several are wanted, or something is cut already, a batch is put on the shelf. */
    public function test_batches_are_put_on_the_shelf_where_the_book_itself_cannot_be_cut_with_others(): void
    {
        [$host, $guest] = $this->twoOfOnePaper();
        $this->post('/together', ['books' => [$host->id => '1', $guest->id => '3']])->assertRedirect();
        $batch = Project::query()->where('copies', 3)->firstOrFail();
        $another = Project::query()->findOrFail($batch->cut_with);
        $this->assertSame("{$guest->name} × 3", $batch->name);
        $this->assertSame("{$host->name}, another", $another->name);
        $this->assertNull($another->cut_with);
        $this->assertSame($host->id, $guest->refresh()->cut_with, 'those that are cut together already stay so');
        $this->post('/together', ['books' => [$host->id => '1']])->assertRedirectToRoute('together', ['books' => [$host->id => '1']]);
    }

    /** @return array{Project, Project, Paper} */
    private function twoOfOnePaper(): array
    {
        $paper = Paper::query()->create([
            'name' => 'Kraft dusk', 'kind' => 'card', 'width' => 12 * 8128, 'height' => 12 * 8128, 'weight' => '216', 'count' => 40,
        ]);
        $books = [];
        foreach (['Comet', 'Nebula'] as $name) {
            $book = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album', 'name' => $name]);
            $this->post("/projects/{$book->id}/papers/take", ['take' => ['structure-card' => $paper->id], 'revision' => 1]);
            $books[] = $book->refresh();
        }
        $this->post('/together', ['books' => [$books[0]->id => '1', $books[1]->id => '1']])
            ->assertRedirect("/projects/{$books[0]->id}/cut");

        return [$books[0]->refresh(), $books[1]->refresh(), $paper];
    }

    private function plan(Project $project): WorkPlan
    {
        return app(Plans::class)->plan($project->refresh());
    }

    private function sheetOf(Project $guest): string
    {
        return $this->plan($guest)->stocks[0]->cuts->patterns[0]->key;
    }

    private function pieceOn(Project $guest, string $sheet): string
    {
        foreach ($this->plan($guest)->blueprint->parts as $part) {
            if (($this->plan($guest)->sheet($sheet)->gives[$part->letter] ?? 0) > 0) {
                return $part->key;
            }
        }

        return '';
    }
}

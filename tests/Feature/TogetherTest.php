<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Planning\DayPlan;
use App\Planning\Plans;
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
            ->assertSee('In evenings')->assertSee('for all 3')->assertSee('Comet × 2')->assertSee('1A·2A');
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
    }

    /** Six of one book take the evenings that the plan of it alone says; two kinds take the sum of their work. */
    public function test_evenings_of_several_books(): void
    {
        $plan = app(Plans::class)->plan(Project::factory()->create());
        $this->assertSame(DayPlan::of($plan, 2), DayPlan::ofAll([[$plan, 2]]));
        $evenings = static fn (array $said): int => (int) $said[count($said) - 1];
        $this->assertGreaterThan($evenings(DayPlan::of($plan, 1)), $evenings(DayPlan::ofAll([[$plan, 6], [$plan, 6]])));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Paper;
use App\Models\Supply;
use App\Planning\ProjectEditor;
use Ephemeron\Blueprint\Sundry;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What a book costs and what to ask for it. */
final class CostTest extends TestCase
{
    use RefreshDatabase;

    /** @var array<string, string> */
    private array $said = [
        'currency' => 'CHF', 'rate' => '12.00', 'fee' => '0', 'pieces' => '20', 'way' => 'factor', 'margin' => '2', 'step' => '0.50',
        'paper' => 'begun', 'minutes' => '25',
    ];

    public function test_costs_are_told_with_their_parts(): void
    {
        $project = app(ProjectEditor::class)->create([
            'structure' => 'waterfall-wallet', 'materials' => ['structure-card' => ['price' => '0.80']],
        ]);
        Supply::query()->create(['name' => 'Discs', 'kind' => Sundry::Magnet, 'count' => 40, 'mills' => 220]);
        $this->get(route('cost', $project))->assertOk()->assertSee('EUR')->assertSee('1 sheet at 0.80');
        $this->put(route('cost.keep', $project), $this->said)->assertSessionHasNoErrors()->assertRedirect();
        $page = $this->get(route('cost', [$project, 'books' => 10]))->assertOk();
        $page->assertSee('250 min at 12.00 an hour')->assertSee('50.00')->assertSee('CHF')
            ->assertSee('at 0.80')->assertSee('comes out even');
        $this->assertStringContainsString('the cost × 2', (string) $page->getContent());
        $this->get(route('cost', [$project, 'books' => '9999']))->assertOk()->assertSee('value="50"', false);
    }

    /** ISO 4217:2015, table A.1, from memory: dinars of Kuwait are told in thousandths, yen have no parts. */
    public function test_sums_have_the_digits_of_the_currency_wherever_they_stand(): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'waterfall-wallet']);
        $keep = fn (string $code): TestResponse => $this->put(route('cost.keep', $project), [...$this->said, 'step' => '1', 'currency' => $code]);
        $keep('KWD')->assertSessionHasNoErrors();
        $supply = ['name' => 'Discs', 'kind' => Sundry::Magnet->value, 'amount' => '40', 'place' => ''];
        $this->post('/supplies', [...$supply, 'price' => '0.0855'])->assertSessionHasErrors('price');
        $this->post('/supplies', [...$supply, 'price' => '0.085'])->assertSessionHasNoErrors();
        $this->get('/supplies')->assertSee('0.085 each');
        $this->get(route('cost', $project))->assertSee('at 12.000 an hour');
        $paper = ['name' => 'Orbit', 'kind' => 'card', 'count' => '2', 'width' => '12', 'height' => '12', 'weight' => '220'];
        $this->post('/papers', [...$paper, 'price' => '0.125'])->assertSessionHasNoErrors();
        $this->assertSame(125, Paper::query()->sole()->mills);
        $this->post(route('departures.store', $project), ['kind' => 'sold', 'copies' => '1', 'amount' => '4.255', 'on' => '2026-05-04']);
        $this->get(route('log', $project))->assertSee('for 4.255');

        $keep('JPY')->assertSessionHasNoErrors();
        $this->post('/supplies', [...$supply, 'price' => '0.5'])->assertSessionHasErrors(['price' => '“0.5” is no price. Type it like 12, for one.']);
        $this->put(route('cost.keep', $project), [...$this->said, 'currency' => 'JPY', 'step' => '0.5'])->assertSessionHasErrors('step');
        $this->get(route('cost', $project))->assertSee('at 12 an hour');
    }

    /** Worked by hand for a board that is pressed: all cut together first, then so many an evening. */
    public function test_many_in_evenings(): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'board-folder']);
        $plan = app(\App\Planning\Plans::class)->plan($project);
        $said = \App\Planning\DayPlan::of($plan, 10);
        $this->assertStringContainsString('for all 10', $said[0]);
        $this->assertMatchesRegularExpression('/^Then about (one book|\d+ books) an evening/', $said[1]);
        $this->assertStringContainsString('over night', $said[2], 'its case is pressed');
        $this->get(route('cost', [$project, 'books' => 10]))->assertSee('In evenings')->assertSee('evenings in all');
        $this->get(route('cost', [$project, 'books' => 1]))->assertDontSee('In evenings');
    }

    public function test_what_is_to_be_bought_and_the_tags(): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'waterfall-wallet', 'materials' => [
            'structure-card' => ['name' => 'Kraft dusk'],
        ]]);
        $page = $this->get(
            route('cost', [$project, 'books' => 10]),
        )->assertOk()->assertSee('To buy for these 10')->assertSee('of Kraft dusk');
        $this->assertStringContainsString('0 there', (string) $page->getContent());
        \App\Models\Paper::query()->create([
            'name' => 'Kraft dusk', 'kind' => 'card', 'width' => 97536, 'height' => 97536, 'weight' => '220 g', 'count' => 999,
        ]);
        $this->get(route('cost', [$project, 'books' => 10]))->assertDontSee('of Kraft dusk');
        $pdf = (string) $this->get(route('print.pdf', [$project, 'tags', 'price' => '9.50 EUR', 'count' => 9]))->assertOk()->getContent();
        $this->assertSame(
            10,
            substr_count((new \Smalot\PdfParser\Parser)->parseContent($pdf)->getText(), '9.50 EUR'),
            'nine tags and the shelf',
        );
        $this->get(route('print.pdf', [$project, 'tags', 'count' => 201]))->assertSessionHasErrors('count');
    }

    #[TestWith(['rate', 'a lot'])]
    #[TestWith(['fee', '-1'])]
    #[TestWith(['step', '0'])]
    #[TestWith(['pieces', '0'])]
    #[TestWith(['margin', 'x'])]
    #[TestWith(['currency', 'euro'])]
    #[TestWith(['minutes', '1.5'])]
    public function test_what_cannot_be_read_is_told_beside_its_field(string $field, string $value): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'meander-book']);
        $this->put(route('cost.keep', $project), [...$this->said, $field => $value, 'books' => '3'])
            ->assertSessionHasErrors($field)->assertStatus(303)->assertRedirectToRoute('cost', [$project, 'books' => 3]);
        $this->get(route('cost', $project))->assertSee('EUR');
    }
}

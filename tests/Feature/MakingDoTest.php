<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawer\MakingDo;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Fit\Mend;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** A print that runs out: the ways out in the order makers take them, each planned and priced (common practice, no published source). */
final class MakingDoTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_ways_out_are_planned_priced_and_in_order(): void
    {
        $project = $this->album(pages: 5);
        $plan = app(Plans::class)->plan($project);
        $stock = array_values(array_filter($plan->stocks, static fn ($each): bool => $each->stock->name === 'Meteor trail'))[0];
        $this->assertSame(1, array_sum($stock->cuts->missing), 'a sheet gives two of 5¾ × 7¾');
        $mends = app(MakingDo::class)->with($project, $plan, $stock);
        $labels = array_map(static fn (Mend $mend): string => explode(':', $mend->label)[0], $mends);
        $this->assertSame([
            // What is left of the sheets is 12 × 4¼, and two scraps of 5¾ × 4¼ cover a page.
            'Two scraps, the lower one a pocket on page 5',
            'A smaller mat on plain card on page 4 and page 5',
            'Dew point instead on page 5',
            'Plain card on page 5',
        ], $labels);
        $this->assertStringContainsString('more in paper', implode('|', array_column($mends, 'label')));
        foreach ($mends as $mend) {
            $tried = app(Plans::class)->tried($project, $mend->changes);
            $this->assertSame(0, $tried->missing(), $mend->label);
        }
        // On the page, one press takes it.
        $page = $this->get(route('papers.for', $project))->assertOk()->assertSee('One of these makes it last')->assertSee($labels[1]);
        $this->assertStringContainsString('mats.faces.page-5.rim', (string) $page->getContent());
        $this->patch(route('design', $project), ['revision' => $project->revision, 'set' => $mends[0]->changes])->assertSessionHasNoErrors();
        $this->assertSame(0, app(Plans::class)->plan($project->refresh())->missing());
    }

    /** One sheet of 12 × 8 gives a mat of 6¾ × 7¾ and leaves 5¼ × 8: no scraps of that width, but a smaller mat. */
    public function test_as_few_faces_as_it_takes(): void
    {
        $project = $this->album(pages: 2, sheet: ['sheet' => 'own', 'width' => '12', 'height' => '8', 'count' => 1], page: '7');
        $plan = app(Plans::class)->plan($project);
        $stock = array_values(array_filter($plan->stocks, static fn ($each): bool => $each->stock->name === 'Meteor trail'))[0];
        $this->assertSame(1, array_sum($stock->cuts->missing));
        $mends = app(MakingDo::class)->with($project, $plan, $stock);
        $this->assertStringStartsWith('A smaller mat on plain card on page 2', $mends[0]->label);
    }

    public function test_nothing_is_offered_that_does_not_help(): void
    {
        $project = $this->album(pages: 12);
        $plan = app(Plans::class)->plan($project);
        $stock = array_values(array_filter($plan->stocks, static fn ($each): bool => $each->stock->name === 'Meteor trail'))[0];
        $this->assertGreaterThan(4, array_sum($stock->cuts->missing));
        $this->assertSame([], app(MakingDo::class)->with($project, $plan, $stock));
    }

    /** @param array<string, mixed> $sheet */
    private function album(int $pages, array $sheet = ['sheet' => '12x12', 'count' => 2], string $page = '6'): Project
    {
        $choices = [];
        foreach (range(1, $pages) as $number) {
            $choices["page-{$number}"] = ['paper' => 'meteor'];
        }
        $choices['page-12'] = ['paper' => 'dew'];
        if ($pages === 12) {
            $choices['page-12'] = ['paper' => 'meteor'];
        }

        return app(ProjectEditor::class)->create([
            'structure' => 'mitred-tab-album', 'name' => 'Album', 'unit' => 'in', 'mats' => ['layers' => 1],
            'parameters' => ['page-width' => $page],
            'papers' => [
                'meteor' => ['name' => 'Meteor trail', 'weight' => '160', 'direction' => 'both', 'price' => '0.80', ...$sheet],
                'dew' => ['name' => 'Dew point', 'sheet' => '12x12', 'weight' => '160', 'count' => 2, 'price' => '0.80'],
            ],
            'materials' => ['insert-card' => ['price' => '0.30']],
            'choices' => $choices,
        ]);
    }
}

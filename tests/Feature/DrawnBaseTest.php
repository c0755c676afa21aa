<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Planning\ProjectEditor;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class DrawnBaseTest extends TestCase
{
    use RefreshDatabase;

    public function test_flat_and_folded_stand_beside_the_same_as_a_list(): void
    {
        $project = $this->base('4 + 8');
        $page = $this->get(route('base', $project))->assertOk();
        $page->assertSee('class="base-score"', false)->assertSee('class="theatre"', false)->assertSee('Scores across')->assertSee('Pieces glued on');
        $this->get(route('plan', $project))->assertSee(route('base', $project), false);
        $album = $this->app->make(ProjectEditor::class)->create(['structure' => 'meander-book']);
        $this->get(route('base', $album))->assertNotFound();
        $this->post(route('base.change', $album), ['act' => 'cut', 'revision' => 1, 'column' => 1, 'row' => 1])->assertNotFound();
    }

    public function test_each_act_is_one_change_that_is_taken_back_in_one(): void
    {
        $project = $this->base();
        $acts = [
            [['act' => 'score', 'along' => 'width', 'at' => 'a third of 12', 'fold' => 'mountain'], 'columns', '4 in ^ 8 in'],
            [['act' => 'mirror', 'along' => 'width', 'score' => '1'], 'columns', '4 in ^ 4 in ^ 4 in'],
            [['act' => 'fold', 'along' => 'width', 'score' => '2', 'fold' => 'none'], 'columns', '4 in ^ 4 in | 4 in'],
            [['act' => 'tab', 'along' => 'width', 'score' => '3'], 'columns', '4 in ^ 4 in | 4 in*'],
            [['act' => 'cut', 'column' => '1', 'row' => '1'], 'cut-away', '1-1'],
            [['act' => 'glue', 'name' => 'Flap', 'wide' => '4', 'tall' => '8', 'column' => '2', 'row' => '1', 'side' => 'back'], 'pieces', 'Flap: 4 in × 8 in; on Base 2-1 back'],
            [['act' => 'score', 'along' => 'width', 'at' => '51 mm', 'pressed' => '1'], 'columns', '2 in + 2 in ^ 4 in | 4 in*'],
            [['act' => 'move', 'along' => 'width', 'score' => '1', 'at' => '1 1/2'], 'columns', '1 1/2 in + 2 1/2 in ^ 4 in | 4 in*'],
            [['act' => 'join', 'along' => 'width', 'score' => '1'], 'columns', '4 in ^ 4 in | 4 in*'],
            [['act' => 'line', 'kind' => 'slit', 'corners' => '2 × 0 to 2 × 1 1/2'], 'lines', 'slit: 2 in × 0 in to 2 in × 1 1/2 in'],
            [['act' => 'unline', 'score' => '1'], 'lines', ''],
            [['act' => 'size', 'along' => 'height', 'at' => '8 1/2'], 'rows', '8 1/2 in'],
        ];
        foreach ($acts as [$act, $parameter, $is]) {
            $this->post(route('base.change', $project), ['revision' => $project->revision] + $act)->assertRedirect(route('base', $project))
                ->assertSessionHasNoErrors();
            $this->assertSame($is, $project->refresh()->design['parameters'][$parameter] ?? '', $act['act']);
        }
        $this->get(route('base', $project))->assertOk()->assertSee('Flap: 4 in × 8 in; on Base 2-1 back');
        $this->get(route('fold', $project))->assertOk();
    }

    /** @param array<string, string> $act */
    #[TestWith([['act' => 'score', 'along' => 'width', 'at' => 'wide'], 'at'])]
    #[TestWith([['act' => 'score', 'along' => 'width', 'at' => '12'], 'at'])]
    #[TestWith([['act' => 'score', 'along' => 'width'], 'at'])]
    #[TestWith([['act' => 'move', 'along' => 'width', 'score' => '3', 'at' => '4'], 'at'])]
    #[TestWith([['act' => 'cut', 'column' => '1', 'row' => '1'], 'at'])]
    #[TestWith([['act' => 'glue', 'wide' => '4', 'tall' => ''], 'tall'])]
    #[TestWith([['act' => 'glue', 'name' => 'a:b', 'wide' => '4', 'tall' => '4'], 'name'])]
    #[TestWith([['act' => 'glue', 'name' => 'Base', 'wide' => '4', 'tall' => '4', 'column' => '1', 'row' => '1'], 'at'])]
    #[TestWith([['act' => 'line', 'kind' => 'slit', 'corners' => '2 × 0'], 'corners'])]
    #[TestWith([['act' => 'line', 'kind' => 'slit', 'corners' => '2 × 0 to 2 × 13'], 'corners'])]
    #[TestWith([['act' => 'paint'], 'act'])]
    public function test_what_cannot_be_is_said_and_nothing_changes(array $act, string $field): void
    {
        $project = $this->base();
        $this->from(route('base', $project))->post(route('base.change', $project), ['revision' => $project->revision] + $act)
            ->assertRedirect(route('base', $project))->assertSessionHasErrors($field);
        $this->assertSame($project->design, $project->refresh()->design);
        $this->get(route('base', $project))->assertOk();
    }

    private function base(string $columns = '12'): Project
    {
        return $this->app->make(ProjectEditor::class)->create([
            'structure' => 'free-base', 'parameters' => ['columns' => $columns, 'rows' => '12', 'cut-away' => ''],
        ]);
    }
}

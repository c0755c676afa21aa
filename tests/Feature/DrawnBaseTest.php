<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Planning\ProjectEditor;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
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
        // What is changed from its head leads back to it.
        $this->patch(route('design', $project), ['revision' => $project->revision, 'stage' => 'base', 'set' => ['unit' => 'cm', 'grid' => '1 mm']])
            ->assertRedirect(route('base', $project));
        $page = $this->get(route('base', $project))->assertOk()->assertSeeText('cm');
        $this->assertSame(4, substr_count((string) $page->getContent(), '<input type="hidden" name="stage" value="base">'), 'unit, undo, do again, and what is put on it');
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
            [['act' => 'blank'], 'columns', '12 in'],
            [['act' => 'blank'], 'pieces', ''],
        ];
        foreach ($acts as [$act, $parameter, $is]) {
            $this->post(route('base.change', $project), ['revision' => $project->revision] + $act)->assertRedirect(route('base', $project))
                ->assertSessionHasNoErrors();
            $this->assertSame($is, $project->refresh()->design['parameters'][$parameter] ?? '', $act['act']);
        }
        $this->get(route('base', $project))->assertOk()->assertDontSee('Flap: 4 in × 8 in; on Base 2-1 back');
        $this->get(route('fold', $project))->assertOk();
    }

    public function test_a_piece_is_glued_to_an_edge_moved_and_taken_off_again(): void
    {
        $project = $this->base('4 + 4 + 4');
        $flap = ['act' => 'flap', 'area' => '2-1', 'edge' => 'top', 'side' => 'front', 'reach' => '8', 'breadth' => '3', 'magnets' => '1'];
        $this->post(route('base.change', $project), ['revision' => $project->revision] + $flap)->assertSessionHasNoErrors();
        $place = 'things.base-2-1/flap-1';
        $this->assertSame(['edge' => 'top', 'reach' => '8 in', 'breadth' => '3 in'], $project->refresh()->design['things']['base-2-1/flap-1']['parameters'] ?? []);
        $page = $this->get(route('base', $project))->assertOk()->assertSee('class="base-flap"', false)->assertSeeText('at the top of 2-1, in front, a magnet');
        $this->assertSame(2, substr_count((string) $page->getContent(), 'class="base-disc"'), 'both discs are drawn');
        $page->assertSeeText('Hinge the flaps', false);
        // As large as an area: 4 across and 12 down, from an upright edge 4 out and 12 along it.
        $this->post(route('base.change', $project), ['revision' => $project->revision, 'act' => 'flap', 'area' => '3-1', 'edge' => 'right', 'like' => '2-1'])
            ->assertSessionHasNoErrors();
        $this->assertSame(['edge' => 'right', 'reach' => '4 in', 'breadth' => '12 in'], $project->refresh()->design['things']['base-3-1/flap-1']['parameters'] ?? []);
        $this->post(route('base.change', $project), ['revision' => $project->revision, 'act' => 'mirror-flap', 'place' => 'things.base-3-1/flap-1'])
            ->assertSessionHasNoErrors();
        $this->assertSame('left', $project->refresh()->design['things']['base-1-1/flap-1']['parameters']['edge'] ?? '');
        // In steps of the tool where a hand has pressed.
        $this->post(route('base.change', $project), ['revision' => $project->revision, 'act' => 'slide', 'place' => $place, 'at' => '6.1 mm', 'pressed' => '1']);
        $this->assertSame('1/4 in', $project->refresh()->design['things']['base-2-1/flap-1']['parameters']['along'] ?? '');
        // A score before it: it stays where it is glued.
        $this->post(route('base.change', $project), ['revision' => $project->revision, 'act' => 'score', 'along' => 'width', 'at' => '2']);
        $this->get(route('base', $project->refresh()))->assertSeeText('at the top of 3-1, in front');
        $this->post(route('furniture.store', $project), ['revision' => $project->revision, 'stage' => 'base', 'kind' => 'pocket', 'face' => 'base-2-1/flap-1/inside'])
            ->assertRedirect(route('base', ['project' => $project, 'face' => 'base-2-1/flap-1/inside']));
        $this->post(route('base.change', $project), ['revision' => $project->refresh()->revision, 'act' => 'unflap', 'place' => 'things.base-1-1/flap-1']);
        $this->assertArrayNotHasKey('base-1-1/flap-1', $project->refresh()->design['things']);
        foreach ([$place, 'things.base-3-1/flap-1'] as $off) {
            $this->delete(route('furniture.destroy', $project), ['revision' => $project->refresh()->revision, 'stage' => 'base', 'place' => $off]);
        }
        $this->get(route('base', $project->refresh()))->assertDontSee('class="base-flap"', false);
    }

    public function test_lines_a_hair_off_are_offered_their_marks(): void
    {
        $drawn = '<svg xmlns="http://www.w3.org/2000/svg" width="12in" viewBox="0 0 12 6"><title>Drawn elsewhere</title>'
            .'<g id="cut"><rect width="12" height="6"/></g><g id="valley"><path d="M2.99 0v6M8.005 0v6"/></g></svg>';
        $this->post(route('import'), ['file' => UploadedFile::fake()->createWithContent('base.svg', $drawn)])->assertSessionHasNoErrors();
        $project = Project::query()->where('name', 'Drawn elsewhere')->firstOrFail();
        $this->get(route('base', $project))->assertSeeText('lies 0.25 mm beside')
            ->assertSee('name="at" value="3 in"', false)->assertSee('name="at" value="8 in"', false)->assertSeeText('Take all marks');
        $this->post(route('base.change', $project), ['revision' => $project->revision, 'act' => 'marks'])->assertSessionHasNoErrors();
        $this->assertSame('3 in + 5 in + 4 in', $project->refresh()->design['parameters']['columns'] ?? '');
        $this->get(route('base', $project))->assertDontSeeText('a hair off');
        $this->post(route('import'), ['file' => UploadedFile::fake()->createWithContent('no.dxf', '0
SECTION
2
ENTITIES
0
ENDSEC
0
EOF
')])
            ->assertSessionHasErrors(['file']);
    }

    /** @param array<string, string> $act */
    #[TestWith([['act' => 'flap', 'area' => '2-1', 'edge' => 'top'], 'area'])]
    #[TestWith([['act' => 'flap', 'area' => '1-1', 'edge' => 'left', 'like' => '9-9'], 'like'])]
    #[TestWith([['act' => 'flap', 'area' => '1-1', 'edge' => 'spine'], 'edge'])]
    #[TestWith([['act' => 'flap', 'area' => '1-1', 'edge' => 'top', 'reach' => 'far'], 'reach'])]
    #[TestWith([['act' => 'flap', 'area' => '1-1', 'edge' => 'top', 'reach' => '30'], 'reach'])]
    #[TestWith([['act' => 'flap', 'area' => '1-1', 'edge' => 'top', 'magnets' => '9'], 'magnets'])]
    #[TestWith([['act' => 'slide', 'place' => 'things.none', 'at' => '1'], 'at'])]
    #[TestWith([['act' => 'mirror-flap', 'place' => 'things.none'], 'at'])]
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

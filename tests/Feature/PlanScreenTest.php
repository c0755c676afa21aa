<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use Ephemeron\Design\MatCorners;
use Ephemeron\Design\MatSchool;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class PlanScreenTest extends TestCase
{
    use RefreshDatabase;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = Project::factory()->create();
    }

    public function test_a_changed_measure_changes_pieces_and_is_said(): void
    {
        $this->set(['parameters.leaf-width' => '4 7/8'])->assertOk()
            ->assertSee('leaf width 5 in → 4 7/8 in')
            ->assertSee('title="10 3/4 in × 8 1/2 in', false);
        $this->assertSame('4 7/8 in', $this->project->refresh()->design['parameters']['leaf-width']);
    }

    #[TestWith(['0', 'it goes from'])]
    #[TestWith(['-3', 'less than nothing'])]
    #[TestWith(['900', 'it goes from'])]
    #[TestWith(['', 'There is no length here'])]
    #[TestWith(['wide', 'does not read as a length'])]
    #[TestWith(['5 lb', 'does not read as a length'])]
    #[TestWith(['1/0', 'divides by zero'])]
    #[TestWith(['<script>alert(1)</script>', 'does not read as a length'])]
    public function test_bad_input_is_answered_beside_the_field_and_nothing_is_lost(string $typed, string $answer): void
    {
        $page = $this->set(['parameters.leaf-width' => $typed, 'parameters.leaf-height' => '8'])->assertOk();
        $page->assertSee($answer)->assertSee('id="f-parameters-leaf-width-error"', false)->assertDontSee('<script>alert', false);
        $page->assertSee('value="'.e($typed).'"', false);
        $this->assertStringContainsString(
            'name="set[parameters.leaf-height]" value="8"',
            (string) $page->getContent(),
            'what was typed rightly beside it stays too',
        );
        $this->assertDesign('5 in', '8 1/2 in');
    }

    public function test_ten_thousand_characters_are_answered(): void
    {
        $this->set(['parameters.leaf-width' => str_repeat('7', 10_000)])->assertOk()->assertSee('does not read as a length');
    }

    #[TestWith(['parameters.sheets', '4.5', 'whole number'])]
    #[TestWith(['parameters.sheets', '99', 'it goes from 1 to 20'])]
    #[TestWith(['materials.mat-base.weight', 'heavy', 'does not read as a weight'])]
    #[TestWith(['materials.mat-base.count', '-1', 'it goes from 0'])]
    #[TestWith(['things.page-2/pocket-1.parameters.width', 'x', 'does not read as a length'])]
    #[TestWith(['mats.layers', '7', 'it goes from 0 to 2'])]
    public function test_other_fields_answer_too(string $place, string $typed, string $answer): void
    {
        $before = $this->project->design;
        $this->set([$place => $typed])->assertOk()->assertSee($answer);
        $this->assertSame($before, $this->project->refresh()->design);
    }

    public function test_undo_and_do_again(): void
    {
        $this->set(['parameters.leaf-width' => '6']);
        $this->set(['parameters.leaf-height' => '7']);
        $this->assertDesign('6 in', '7 in');
        $this->post("/projects/{$this->project->id}/undo", $this->lastEvent($this->project))->assertRedirect();
        $this->assertDesign('6 in', '8 1/2 in');
        $this->post("/projects/{$this->project->id}/undo", $this->lastEvent($this->project));
        $this->assertDesign('5 in', '8 1/2 in');
        $this->post("/projects/{$this->project->id}/undo", $this->lastEvent($this->project));
        $this->assertDesign('5 in', '8 1/2 in');
        $this->post("/projects/{$this->project->id}/redo", $this->lastEvent($this->project, undone: true));
        $this->assertDesign('6 in', '8 1/2 in');

        $this->set(['parameters.leaf-height' => '9']);
        $this->post("/projects/{$this->project->id}/redo", $this->lastEvent($this->project, undone: true));
        $this->assertDesign('6 in', '9 in');
    }

    public function test_a_second_window_cannot_overwrite_silently(): void
    {
        $stale = $this->revision();
        $this->set(['parameters.leaf-width' => '6']);
        $this->followingRedirects()->from("/projects/{$this->project->id}/plan")
            ->patch("/projects/{$this->project->id}/design", [...$stale, 'set' => ['parameters.leaf-width' => '7']])
            ->assertOk()->assertSee('changed in another window');
        $this->assertDesign('6 in', '8 1/2 in');
    }

    public function test_things_are_put_on_a_page_changed_and_taken_off(): void
    {
        $this->followingRedirects()->post(
            $this->at('furniture'),
            [...$this->revision(), 'face' => 'page-3', 'kind' => 'pocket', 'style' => 'side-load'],
        )
            ->assertOk()->assertSee('something put on a page')->assertSee('Side-load pocket');
        $place = 'things.page-3/pocket-1';
        $this->set(["{$place}.parameters.depth" => '3']);
        $this->assertSame(['style' => 'side-load', 'depth' => '3 in'], $this->said('page-3/pocket-1')['parameters'] ?? null);
        // An emptied measure follows from the face again.
        $this->set(["{$place}.parameters.depth" => '']);
        $this->assertSame(['style' => 'side-load'], $this->said('page-3/pocket-1')['parameters'] ?? null);
        $this->delete($this->at('furniture'), [...$this->revision(), 'place' => $place])->assertRedirect();
        $this->assertNull($this->said('page-3/pocket-1'));
        $this->post($this->at('furniture'), [...$this->revision(), 'face' => 'page-3', 'kind' => 'sofa'])->assertSessionHasErrors('kind');
    }

    public function test_a_usual_thing_is_changed_taken_off_and_put_back(): void
    {
        $place = 'things.page-2/pocket-1';
        $this->set(["{$place}.parameters.style" => 'top-load', "{$place}.parameters.card" => '3x4'], 'page-2')->assertSee('As usual again');
        $this->assertSame(['parameters' => ['style' => 'top-load']], $this->said('page-2/pocket-1'), 'the card is usual');
        $this->set([$place => ''], 'page-2')->assertDontSee('As usual again');
        $this->assertNull($this->said('page-2/pocket-1'));
        $this->followingRedirects()->delete(
            $this->at('furniture'),
            [...$this->revision(), 'face' => 'page-2', 'place' => $place],
        )->assertSee('Put the usual pocket back');
        $this->assertSame(['off' => true], $this->said('page-2/pocket-1'));
        $this->set([$place => '']);
        $this->assertNull($this->said('page-2/pocket-1'));
        $this->delete($this->at('furniture'), [...$this->revision(), 'place' => 'parameters.leaf-width'])->assertSessionHasErrors('place');
    }

    public function test_a_thing_is_put_on_a_spot_and_moved_to_the_marks_of_the_tool(): void
    {
        $key = 'page-3/photo-mat-1';
        $place = "things.{$key}";
        $this->post(
            $this->at('furniture'),
            [...$this->revision(), 'face' => 'page-3', 'kind' => 'photo-mat', 'photo' => '3x4', 'spot' => 'bottom-right'],
        )->assertRedirect();
        // A face of 5 × 8½, a mat of 3¼ × 4¼, an eighth from the edges.
        $this->assertEquals(['photo' => '3x4', 'across' => '1 5/8 in', 'up' => '1/8 in'], $this->placed($key));
        $this->patch(
            $this->at('furniture'),
            [...$this->revision(), 'face' => 'page-3', 'place' => $place, 'left' => '10', 'top' => '20'],
        )->assertRedirect();
        // 10 mm is nearest to 3⁄8 in; 20 mm from the top to 13⁄16, so 8½ − 13⁄16 − 4¼ from the foot.
        $this->assertEquals(['3/8 in', '3 7/16 in'], [$this->placed($key)['across'], $this->placed($key)['up']]);
        $this->patch(
            $this->at('furniture'),
            [...$this->revision(), 'face' => 'page-3', 'place' => $place, 'left' => '-500', 'top' => '900'],
        )->assertRedirect();
        $this->assertEquals(['0 in', '0 in'], [$this->placed($key)['across'], $this->placed($key)['up']], 'it stays on the page');
        foreach (['things.page-9/tag-1', 'parameters.leaf-width', "{$place}; drop"] as $wrong) {
            $this->patch(
                $this->at('furniture'),
                [...$this->revision(), 'face' => 'page-3', 'place' => $wrong, 'left' => '1', 'top' => '1'],
            )->assertSessionHasErrors();
        }
    }

    public function test_flaps_go_on_an_edge_and_take_things_themselves(): void
    {
        $key = 'page-3/flap-1';
        $this->post($this->at('furniture'), [...$this->revision(), 'face' => 'page-3', 'kind' => 'flap', 'spot' => 'top']);
        $this->assertSame(['edge' => 'top'], $this->placed($key));
        $this->post($this->at('furniture'), [...$this->revision(), 'face' => 'page-3/flap-1/inside', 'kind' => 'pocket']);
        $this->assertSame(['pocket-1' => ['on' => 'inside', 'kind' => 'pocket']], $this->said($key)['children'] ?? null);
        $this->get($this->at('plan').'?face=page-3/flap-1/inside')->assertOk()->assertSee('On page 3, inside of the flap')
            ->assertSee('Lift every flap');
        $this->patch(
            $this->at('furniture'),
            [...$this->revision(), 'face' => 'page-3', 'place' => "things.{$key}", 'left' => '12.7', 'top' => '50'],
        );
        $this->assertSame('1/4 in', $this->placed($key)['along'] ?? null, 'along its edge only, and no further than the face goes');
        $this->delete($this->at('furniture'), [...$this->revision(), 'place' => "things.{$key}.children.pocket-1"])->assertRedirect();
        $this->assertArrayNotHasKey('children', $this->said($key) ?? []);
        $this->post(
            $this->at('furniture'),
            [...$this->revision(), 'face' => 'page-77', 'kind' => 'pocket'],
        )->assertSessionHasErrors('furniture');
    }

    public function test_it_is_made_to_hold_and_to_fit(): void
    {
        // More sheets than four are wider than a letter sheet: the paper that is wanted stands beside the offer.
        $this->followingRedirects()->post(
            $this->at('fit'),
            [...$this->revision(), 'photo' => '4x6', 'number' => '20'],
        )->assertOk()->assertSee('wants another paper')->assertSee('Cut from');
        $this->assertDesign('5 in', '8 1/2 in');
        $this->followingRedirects()->post(
            $this->at('fit'),
            [...$this->revision(), 'photo' => '4x6', 'number' => '9'],
        )->assertOk()->assertSee('sheets 4 →');
        $this->followingRedirects()->post(
            $this->at('fit'),
            [...$this->revision(), 'width' => '4 1/2', 'height' => '7'],
        )->assertOk()->assertSee('leaf width 5 in → 4 1/2 in');
        $this->followingRedirects()->post(
            $this->at('fit'),
            [...$this->revision(), 'width' => '4 1/2', 'height' => '7'],
        )->assertOk()->assertSee('It fits as it is.');
        foreach ([
            ['photo' => '4x6', 'number' => '0'],
            ['photo' => '4x6', 'number' => '499'],
            ['width' => 'wide', 'height' => '7'],
            ['width' => '1/4', 'height' => '1/4'],
            ['width' => '5'],
            ['photo' => 'large', 'number' => '1'],
        ] as $wrong) {
            $before = $this->project->refresh()->design;
            $this->post($this->at('fit'), [...$this->revision(), ...$wrong])->assertSessionHasErrors();
            $this->assertSame($before, $this->project->refresh()->design);
        }
    }

    public function test_a_school_is_turned_and_says_what_it_turned(): void
    {
        $this->set(['schools.decorating' => 'decorate-first'])->assertSee('steps come at another time');
        $this->set(['schools.gluing' => 'glue'])->assertSee('steps are glued in another way');
        $this->set(['schools.gluing' => 'staples'])->assertSee('it is one of');
        $this->set(['mats.school' => 'wide'])->assertSee('Cover mat, second layer <span class="text-nowrap">4<span', false);
    }

    /** The form of a face is sent whole: what is left as everywhere must not become the face's own. */
    public function test_what_one_face_leaves_open_goes_on_following_the_book(): void
    {
        $page = $this->get($this->at('plan').'?face=page-1')->assertOk();
        $select = '/<select[^>]*name="set\[(mats\.faces\.page-1\.[a-z]+)\]".*?<\/select>/s';
        preg_match_all($select, (string) $page->getContent(), $fields, PREG_SET_ORDER);
        $form = [];
        foreach ($fields as [$shown, $name]) {
            preg_match('/<option value="([^"]*)"\s+selected/', $shown, $chosen);
            $form[$name] = $chosen[1] ?? '';
        }
        $this->assertCount(5, $form);
        $this->set(['mats.faces.page-1.corners' => 'mitred'] + $form)->assertSee('as everywhere: double mat');
        $this->set(['mats.layers' => '1', 'mats.school' => 'wide'])->assertSee('as everywhere: one mat');
        $this->project->refresh();
        $rule = app(\App\Planning\Plans::class)->design($this->project)->mats;
        $this->assertSame([MatSchool::Wide, 1], $rule->ruleFor('page-1'));
        $this->assertSame(MatCorners::Mitred, $rule->cornersOf('page-1'));
    }

    public function test_numbers_answer_why(): void
    {
        $page = $this->get($this->at('plan'))->assertOk();
        $page->assertSee('Why? Page mat', false)->assertSee('less')->assertSee('The sum of the list of pieces');
        foreach (app(\App\Planning\Plans::class)->plan($this->project)->blueprint->parts as $part) {
            $this->assertNotSame('', $part->why, $part->name);
        }
    }

    private function at(string $path): string
    {
        return "/projects/{$this->project->id}/{$path}";
    }

    /** @return array<string, string> */
    private function placed(string $key): array
    {
        return $this->said($key)['parameters'] ?? [];
    }

    /** @return array<string, mixed>|null what the stored design says of one thing */
    private function said(string $key): ?array
    {
        return $this->project->refresh()->design['things'][$key] ?? null;
    }

    public function test_mats_of_one_face_and_of_all(): void
    {
        $this->set(['mats.faces.page-3.layers' => '0']);
        $this->set(['mats.layers' => '1', 'mats.school' => 'wide']);
        $design = $this->project->refresh()->design;
        $this->assertSame(0, $design['mats']['faces']['page-3']['layers']);
        $this->assertSame(['wide', 1], [$design['mats']['school'], $design['mats']['layers']]);
    }

    public function test_the_unit_is_switched_for_the_project_and_no_length_changes(): void
    {
        $page = $this->set(['unit' => 'cm', 'grid' => '1 mm', 'grooves' => '1 mm'])->assertOk();
        $page->assertSee('value="12.7"', false)->assertSee('≈21.6')->assertSee('Read in inches');
        $this->set(['unit' => 'in', 'grid' => '1/16 in', 'grooves' => '1/8 in']);
        $this->assertDesign('5 in', '8 1/2 in');
    }

    public function test_a_finding_is_mended_with_one_press(): void
    {
        $this->set(['parameters.tape-width' => '1/2'])->assertSeeText('it would lie over the scores');
        $this->set(['parameters.tape-width' => '1/4'])->assertDontSeeText('it would lie over the scores');
    }

    public function test_places_outside_the_design_are_not_touched(): void
    {
        $this->set(['version' => '7', 'format' => 'x', 'structure' => 'meander-book']);
        $this->assertSame('nested-gusset-album', $this->project->refresh()->design['structure']);
        $this->patch("/projects/{$this->project->id}/design", [...$this->revision(), 'set' => 'x'])->assertSessionHasErrors('set');
        $this->patch("/projects/{$this->project->id}/design", ['set' => ['unit' => 'cm']])->assertSessionHasErrors('revision');
    }

    public function test_a_face_that_is_not_there_shows_the_first_page(): void
    {
        $this->get("/projects/{$this->project->id}/plan?face=page-99")->assertOk()->assertSee('On page 1');
    }

    public function test_lists_where_words_belong_are_no_reason_to_fall_over(): void
    {
        $at = "/projects/{$this->project->id}";
        $this->get("{$at}/plan?face[]=x")->assertOk();
        $this->get("{$at}/bench?step[]=x")->assertOk();
        $this->get('/projects/none/plan')->assertNotFound();
        foreach ([
            [
                'patch',
                "{$at}/design",
                ['revision' => ['x'], 'stage' => ['x'], 'face' => ['x'], 'set' => ['parameters.leaf-width' => ['5']]],
            ],
            ['patch', "{$at}/design", [...$this->revision(), 'set' => ['parameters.leaf-width' => ['5']]]],
            ['put', "{$at}/ticks", ['step' => ['x'], 'done' => 'perhaps']],
            ['post', "{$at}/notes", ['step' => ['x'], 'text' => ['x']]],
            ['post', "{$at}/furniture", [...$this->revision(), 'face' => ['x'], 'kind' => ['x'], 'style' => ['x']]],
            ['post', '/projects', ['structure' => ['x'], 'unit' => ['x'], 'name' => ['x']]],
            ['patch', $at, ['name' => ['x']]],
        ] as [$method, $uri, $data]) {
            $this->followingRedirects()->json($method, $uri, $data, ['Accept' => 'text/html'])->assertOk();
        }
        $this->get("{$at}/print/templates.pdf?letters=x")->assertRedirect();
        $this->assertDesign('5 in', '8 1/2 in');
    }

    public function test_only_this_server_is_asked_for_anything(): void
    {
        $page = $this->get("/projects/{$this->project->id}/plan");
        $this->assertStringContainsString("default-src 'self'", (string) $page->headers->get('Content-Security-Policy'));
        $this->assertDoesNotMatchRegularExpression('~(src|href)="(https?:)?//(?!localhost|127\.0\.0\.1)~', (string) $page->getContent());
    }

    /**
     * @param array<string, string> $changes
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function set(array $changes, string $face = 'page-1'): TestResponse
    {
        return $this->followingRedirects()->patch(
            "/projects/{$this->project->id}/design",
            [...$this->revision(), 'face' => $face, 'set' => $changes],
        );
    }

    /** @return array{revision: int} */
    private function revision(): array
    {
        return ['revision' => $this->project->refresh()->revision];
    }

    private function assertDesign(string $width, string $height): void
    {
        $design = app(\App\Planning\Plans::class)->design($this->project->refresh());
        $this->assertSame(
            [$width, $height],
            array_map(
                $design->notation()->exact(...),
                [$design->parameters->length('leaf-width'), $design->parameters->length('leaf-height')],
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\LayOutPads;
use App\Models\Paper;
use App\Models\PlanSearch;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Choice;
use Ephemeron\Paper\Side;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** The Paper stage: a print is chosen and pressed onto faces. */
final class PaperingTest extends TestCase
{
    use RefreshDatabase;

    private Project $project;

    private Paper $dew;

    private Paper $meteor;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album']);
        $this->dew = $this->print('Dew point');
        $this->meteor = $this->print('Meteor trail', sides: 'single', direction: 'a');
    }

    public function test_a_press_takes_the_print_another_one_its_other_side(): void
    {
        $this->press(['place' => 'page-3', 'paper' => $this->dew->id])->assertSessionHas('changed', 'Dew point for page 3');
        $this->assertEquals(new Choice("dew-point-{$this->dew->id}"), $this->said('page-3'));
        $this->press(['place' => 'page-3', 'paper' => $this->dew->id]);
        $this->assertSame(Side::B, $this->said('page-3')?->side);
        $this->press(['place' => 'page-3', 'paper' => $this->dew->id]);
        $this->assertNull($this->said('page-3')?->side);
        $this->press(['place' => 'page-3', 'paper' => $this->meteor->id]);
        $this->press(['place' => 'page-3', 'paper' => $this->meteor->id]);
        $this->assertEquals(new Choice("meteor-trail-{$this->meteor->id}"), $this->said('page-3'), 'its other side is bare');
        $this->assertSame(
            ["meteor-trail-{$this->meteor->id}"],
            array_keys(app(Plans::class)->design($this->project)->choices->papers),
            'nothing is cut from the other one any more',
        );
    }

    public function test_whole_openings_turns_and_back_to_the_usual(): void
    {
        $this->press(['place' => 'page-3 page-4', 'paper' => $this->dew->id])->assertSessionHas('changed', 'prints for 2 places');
        $this->assertNotNull($this->said('page-4'));
        foreach ([1, 2, 3, null] as $turn) {
            $this->press(['turn' => 'page-3', 'paper' => $this->dew->id]);
            $this->assertSame($turn, $this->said('page-3')?->turn);
        }
        $this->press(['clear' => 'page-3 page-4']);
        $this->assertSame([], app(Plans::class)->design($this->project)->choices->said);
        $this->assertSame([], app(Plans::class)->design($this->project)->choices->papers);
        $this->post(route('undo', $this->project), ['event' => $this->project->fresh()?->events()->latest('id')->value('id')]);
        $this->project->refresh();
        $this->assertNotNull($this->said('page-3'), 'taken back like any other change');
    }

    public function test_what_it_wants_and_what_there_is_is_told_early(): void
    {
        $this->press(['place' => 'front-cover page-1 page-2 page-3 page-4 page-5 page-6 page-7', 'paper' => $this->dew->id]);
        $this->get(route('paper', $this->project))->assertOk()->assertSee('Dew point: two sheets, five openings want it')
            ->assertSee('no room on Dew point')->assertSee('Dew point twice in a row');
    }

    public function test_bad_requests_are_said_and_change_nothing(): void
    {
        $this->press(['place' => 'page-3', 'paper' => 9999])->assertSessionHasErrors('paper');
        $this->press(['place' => 'page-3'])->assertSessionHasErrors('paper');
        $this->press(['place' => '<b>', 'paper' => $this->dew->id])->assertSessionHasNoErrors();
        $this->press(['turn' => ['page-3']])->assertSessionHasErrors('turn');
        $this->assertSame([], app(Plans::class)->design($this->project)->choices->said);
        $this->press(['place' => 'page-3', 'paper' => $this->dew->id]);
        $this->dew->delete();
        $this->get(route('paper', $this->project))->assertOk()->assertSee('Not in the drawer any more: Dew point');
        $this->get(route('plan', $this->project))->assertOk()->assertSee('Dew point');
    }

    public function test_pages_show_the_crop_of_the_true_picture(): void
    {
        Storage::fake('local');
        $this->post("/papers/{$this->dew->id}/picture", ['picture' => UploadedFile::fake()->image('dew.png', 30, 30), 'side' => 'B']);
        $this->press(['place' => 'page-3', 'paper' => $this->dew->id]);
        $shown = "/papers/{$this->dew->id}/picture?side=B";
        $face = ['project' => $this->project, 'face' => 'page-3'];
        $this->get(route('plan', $face))->assertDontSee('<image', false);
        $this->press(['place' => 'page-3', 'paper' => $this->dew->id]);
        $this->get(route('plan', $face))->assertSee($shown, false);
        $this->get(route('paper', $this->project))->assertSee($shown, false);
        $this->get(route('fold', ['project' => $this->project, 'scene' => 'pages']))->assertOk();
        $address = (string) preg_replace(
            '/^.*?href="('.preg_quote($shown, '/').'[^"]*)".*$/s',
            '$1',
            (string) $this->get(route('plan', $face))->getContent(),
        );
        $this->get(html_entity_decode($address))->assertOk()->assertHeader('Cache-Control', 'immutable, max-age=31536000, private');
    }

    /** A red print beside nothing: the still of that opening is red in the middle of page 3, of paper colour where nothing was chosen. */
    public function test_stills_of_openings_show_the_prints(): void
    {
        Storage::fake('local');
        $red = imagecreatetruecolor(40, 40);
        imagefill($red, 0, 0, 0xCC1122);
        ob_start();
        imagepng($red);
        $this->post(
            "/papers/{$this->dew->id}/picture",
            ['picture' => UploadedFile::fake()->createWithContent('dew.png', (string) ob_get_clean()), 'side' => 'A'],
        );
        $this->press(['place' => 'page-3', 'paper' => $this->dew->id]);
        $still = imagecreatefromstring((string) $this->get(route('opening.png', [$this->project, 3]))->assertOk()
            ->assertHeader('Content-Type', 'image/png')->getContent());
        $this->assertNotFalse($still);
        $at = static function (float $x) use (&$still): int {
            return (int) imagecolorat($still, (int) ($x * imagesx($still)), intdiv(imagesy($still), 2));
        };
        $this->assertGreaterThan(0xC0, $at(0.25) >> 16 & 0xFF);
        $this->assertLessThan(0x30, $at(0.25) >> 8 & 0xFF);
        $this->assertGreaterThan(0x80, $at(0.75) >> 8 & 0xFF, 'page 4');
        $this->get(route('opening.png', [$this->project, 99]))->assertNotFound();
        $this->get(route('print', $this->project))->assertSee(route('opening.png', [$this->project, 3]), false);
        $print = (string) $this->get(route('print.pdf', [$this->project, 'openings']))->assertOk()->getContent();
        $this->assertStringContainsString('Page 3 and page 4', (new Parser)->parseContent($print)->getText());
        $this->assertSame(1, substr_count($print, '/Subtype /Image'), 'the sheet is in it');
        $labels = (string) $this->get(route('print.pdf', [$this->project, 'labels']))->assertOk()->getContent();
        $this->assertStringContainsString('in Dew point', (new Parser)->parseContent($labels)->getText());
        $this->assertSame(1, substr_count($labels, '/Subtype /Image'), 'and its motif beside the piece');
        // The picture is lost: the page is of the print’s colour.
        Storage::disk('local')->delete(Storage::disk('local')->allFiles('papers'));
        $still = imagecreatefromstring((string) $this->get(route('opening.png', [$this->project, 3]))->assertOk()->getContent());
        $this->assertNotFalse($still);
        $this->assertSame(0xCC1122, $at(0.25) & 0xFFFFFF);
    }

    /** Everything is laid out from the pad; what was chosen by hand stays, what is asked for in vain is said beside it. */
    public function test_a_pad_is_laid_out(): void
    {
        foreach (['Cloud', 'Ridge', 'Comet', 'Haze', 'Orbit', 'Valley'] as $name) {
            $this->print($name);
        }
        $this->press(['place' => 'page-3', 'paper' => $this->meteor->id]);
        $lay = fn (array $form) => $this->post(
            route('paper.propose', $this->project),
            ['revision' => $this->project->fresh()?->revision, 'pads' => ['Night pad'], ...$form],
        );
        $lay(['wish' => ['few-sheets' => 9]])->assertSessionHasNoErrors();
        $this->get(route('paper', $this->project))->assertSee('have a print now');
        $said = app(Plans::class)->design($this->project->refresh())->choices->said;
        $this->assertFalse($said['page-3']->isProposed);
        $this->assertTrue($said['page-7']->isProposed);
        $plan = app(Plans::class)->plan($this->project);
        $this->assertSame([], $plan->report->of('paper-runs-out'));
        $this->get(route('paper', $this->project))->assertOk()->assertSee('begun');
        $lay(['pads' => []])->assertSessionHasErrors('pads');
        $lay(['pads' => ['No such pad']])->assertSessionHasErrors('pads');
        $lay(['wish' => ['few-sheets' => 11]])->assertSessionHasErrors('wish.few-sheets');
        $lay(['wish' => ['few-sheets' => 'many']])->assertSessionHasErrors('wish.few-sheets');
        $lay(['wish' => 'all'])->assertSessionHasErrors('wish');
    }

    /** “A little to the left”: the piece is cut from another place of its sheet, and the plan is made round it. */
    public function test_the_motif_is_drawn_under_a_face(): void
    {
        $this->press(['place' => 'page-3', 'paper' => $this->meteor->id]);
        $this->get(route('motif', [$this->project, 'place' => 'page-3']))->assertOk()->assertSee('no picture of its paper');
        $this->get(route('motif', [$this->project, 'place' => 'page-99']))->assertRedirect(route('paper', $this->project));
        $move = fn (array $form) => $this->post(
            route('motif.move', $this->project),
            ['revision' => $this->project->refresh()->revision, 'place' => 'page-3', ...$form],
        );
        $move(['right' => '-1/2', 'down' => '-2.54 cm'])->assertSessionHasNoErrors();
        $this->project->refresh();
        $spot = $this->said('page-3')?->spot;
        $this->assertEquals([Length::inches(0, 1, 2), Length::inches(1), 1], [$spot?->left, $spot?->top, $spot?->sheet]);
        $this->assertSame([], app(Plans::class)->plan($this->project)->report->of('paper-runs-out'));
        // Another face, the same place: that wants another sheet.
        $this->press(['place' => 'page-4', 'paper' => $this->meteor->id]);
        $move(['place' => 'page-4', 'right' => '−1/2', 'down' => '- 3/4 + 1/4'])->assertSessionHasNoErrors();
        $this->project->refresh();
        $this->assertNotNull($this->said('page-4')?->spot);
        $move(['free' => '1'])->assertSessionHasNoErrors();
        $this->project->refresh();
        $this->assertNull($this->said('page-3')?->spot);
        $move(['right' => 'far'])->assertSessionHasErrors(['right' => 'How far right: like 1/2, or like -1/4 the other way.']);
        // Read in centimetres a number is one of those.
        $this->patch(
            route('design', $this->project),
            ['revision' => $this->project->refresh()->revision, 'set' => ['unit' => 'cm', 'grid' => '1 mm']],
        )->assertSessionHasNoErrors();
        $move(['right' => '-1', 'down' => '-2.5'])->assertSessionHasNoErrors();
        $this->project->refresh();
        $metric = $this->said('page-3')?->spot;
        $this->assertEquals([Length::millimetres(10), Length::millimetres(25)], [$metric?->left, $metric?->top]);
        $this->patch(
            route('design', $this->project),
            ['revision' => $this->project->refresh()->revision, 'set' => ['unit' => 'in', 'grid' => '1/16 in']],
        )->assertSessionHasNoErrors();
        $move(['right' => '79'])->assertSessionHasErrors(['right' => 'How far right: at most two metres.']);
        $move(['down' => '-79'])->assertSessionHasErrors(['down' => 'How far down: at most two metres.']);
        $move(['right' => '78', 'down' => ['1']])->assertSessionHasErrors(['down'])->assertSessionDoesntHaveErrors('right');
        $move(['place' => 'page-99', 'right' => '1'])->assertSessionHasErrors('motif');
        $move(['place' => '"', 'right' => '1'])->assertSessionHasErrors('place');
    }

    /** Many places and prints are laid out by the worker: how far it is is told, and it can be called off. */
    public function test_many_prints_are_laid_out_by_the_worker(): void
    {
        foreach (range(1, 40) as $number) {
            $this->print("Print {$number}");
        }
        $lay = fn () => $this->post(
            route('paper.propose', $this->project),
            ['revision' => $this->project->refresh()->revision, 'pads' => ['Night pad']],
        )->assertSessionHasNoErrors();
        $queue = Queue::fake();
        $lay();
        $lay();
        $this->assertCount(1, $queue->pushed(LayOutPads::class), 'one at a time');
        $search = PlanSearch::query()->sole();
        $search->update(['state' => PlanSearch::RUNNING, 'share' => 30]);
        $this->get(route('paper', $this->project))->assertSee('value="30"', false)->assertSee('Call it off');
        $this->delete(route('paper.propose.call-off', $this->project))->assertRedirect();
        $this->get(route('paper', $this->project))->assertDontSee('Call it off');
        // What was called off before it was begun does nothing; what is called off under way changes nothing.
        $job = new LayOutPads($search->id, $this->project->refresh()->revision, ['Night pad'], []);
        app()->call($job->handle(...));
        $this->assertSame([], app(Plans::class)->design($this->project)->choices->said);
        $search->update(['state' => PlanSearch::WAITING]);
        app()->call($job->handle(...));
        $this->assertSame(PlanSearch::DONE, $search->refresh()->state);
        $this->assertNotSame([], app(Plans::class)->design($this->project->refresh())->choices->said);
        $this->get(route('paper', $this->project))->assertSee('have a print now');
        // The book has changed meanwhile: it is left alone.
        $this->press(['clear' => 'page-3 page-4 page-5']);
        $search->update(['state' => PlanSearch::WAITING]);
        app()->call((new LayOutPads($search->id, 1, ['Night pad'], []))->handle(...));
        $this->assertSame(PlanSearch::CANCELLED, $search->refresh()->state);
    }

    public function test_called_off_under_way_changes_nothing(): void
    {
        $this->print('Cloud');
        $search = PlanSearch::query()->create(['project_id' => $this->project->id, 'key' => LayOutPads::SEARCH]);
        $calledOff = false;
        // When it has told how far it is for the first time.
        DB::listen(static function (QueryExecuted $query) use ($search, &$calledOff): void {
            if (! $calledOff && str_contains($query->sql, '"share" = ?')) {
                $calledOff = true;
                PlanSearch::query()->whereKey($search->id)->update(['state' => PlanSearch::CANCELLED]);
            }
        });
        app()->call((new LayOutPads($search->id, $this->project->revision, ['Night pad'], []))->handle(...));
        $this->assertTrue($calledOff);
        $this->assertSame(PlanSearch::CANCELLED, $search->refresh()->state);
        $this->assertSame([], app(Plans::class)->design($this->project->refresh())->choices->said);
    }

    private function print(string $name, string $sides = 'double', string $direction = 'none'): Paper
    {
        $side = Length::inches(12)->ticks;
        $paper = new Paper(['name' => $name, 'kind' => 'pattern', 'pad' => 'Night pad', 'width' => $side, 'height' => $side,
            'weight' => '160 g', 'sides' => $sides, 'direction' => $direction, 'count' => 2]);
        $paper->save();

        return $paper;
    }

    /**
     * @param array<string, mixed> $button
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function press(array $button): TestResponse
    {
        $answer = $this->post(route('paper.choose', $this->project), ['revision' => $this->project->revision, ...$button]);
        $this->project->refresh();

        return $answer;
    }

    private function said(string $place): ?Choice
    {
        return app(Plans::class)->design($this->project)->choices->said[$place] ?? null;
    }
}

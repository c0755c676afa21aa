<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Note;
use App\Models\Project;
use App\Models\StepTime;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use App\View\Duration;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** What is told, photographed and timed at the bench. */
final class AtTheTableTest extends TestCase
{
    use RefreshDatabase;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->project = app(ProjectEditor::class)->create([
            'structure' => 'nested-gusset-album', 'unit' => 'in', 'mats' => ['layers' => 2], 'furniture' => [
                ['on' => 'page-3', 'kind' => 'pocket', 'parameters' => ['width' => '4 3/4', 'notched' => 'no', 'card' => '4x4']],
            ],
        ]);
    }

    public function test_it_came_out_otherwise_and_what_is_not_cut_follows(): void
    {
        $told = $this->came(['verdict' => 'small', 'came' => '3/16']);
        $came = $told->assertSessionHasNoErrors()->getSession()->get('came');
        $this->assertIsArray($came);
        $this->assertStringContainsString('does not slide', json_encode($came['told'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
        $this->get(route('bench', $this->project))->assertOk();
        $note = Note::query()->sole();
        $this->assertSame(['page-3/pocket-1', 'width', 3 * 8128 / 16], [$note->part, $note->axis, $note->planned - $note->came]);
        // One press cuts the others so.
        $this->assertArrayHasKey('made.page-3/pocket-1/card.width', $came['changes']);
        $this->patch(route('design', $this->project), [
            'revision' => $this->project->refresh()->revision, 'stage' => 'bench', 'set' => $came['changes'],
        ])->assertSessionHasNoErrors();
        $plan = app(Plans::class)->plan($this->project->refresh());
        $card = $plan->blueprint->part('page-3/pocket-1/card');
        $this->assertSame('4 1/16 in', $plan->notation()->exact($card->size->width), '4¼ less the 3⁄16 that its pocket lost');
        // Undone, the note and the change are gone.
        $this->post(route('undo', $this->project), ['event' => $this->project->events()->latest('number')->firstOrFail()->id]);
        $this->post(
            route('undo', $this->project),
            ['event' => $this->project->events()->where('undone', false)->latest('number')->firstOrFail()->id],
        );
        $this->assertSame(0, Note::query()->count());
    }

    /** Tight is about the pocket it goes into, not about how it was cut; a fold is the scoring board’s. */
    public function test_what_was_measured_is_kept_with_what_it_is_about(): void
    {
        $this->came(['measure' => 'width|page-3/pocket-1/card|whole', 'verdict' => 'tight', 'came' => '1/8']);
        $this->came(['measure' => 'width|sheet-2|gusset', 'verdict' => 'small', 'came' => '1/16']);
        [$tight, $fold] = Note::query()->oldest('id')->get()->all();
        $this->assertSame([true, null], [$tight->is_play, $tight->panel]);
        $this->assertStringContainsString('is tight by 1⁄8 in along its width', $tight->text);
        $this->assertSame([false, 'gusset'], [$fold->is_play, $fold->panel]);
        $this->assertStringContainsString('gusset came to 7⁄16 in along its width, planned 1⁄2 in', $fold->text);
    }

    /** Of fourteen equal mats only those that lie on that sheet are cut otherwise. */
    public function test_only_what_lies_on_it_is_cut_otherwise(): void
    {
        $came = $this->came(['measure' => 'height|sheet-1|whole', 'verdict' => 'crooked', 'came' => '1/32'])->getSession()->get('came');
        $this->assertIsArray($came);
        $this->assertSame(4, count($came['changes']), implode(' ', array_keys($came['changes'])));
        $this->assertStringContainsString('when squared up', $came['noted']);
    }

    /** @param array<string, string> $said */
    #[TestWith([['came' => ''], 'came'])]
    #[TestWith([['came' => 'tight'], 'came'])]
    #[TestWith([['came' => '-1'], 'came'])]
    #[TestWith([['came' => '70'], 'came'])]
    #[TestWith([['measure' => 'width|page-99/mat-1|whole'], 'measure'])]
    #[TestWith([['measure' => 'width|sheet-1|fin'], 'measure'])]
    #[TestWith([['measure' => 'depth|sheet-1|whole'], 'measure'])]
    #[TestWith([['verdict' => 'lost'], 'verdict'])]
    public function test_what_cannot_be_read_is_told_beside_its_field(array $said, string $field): void
    {
        $this->came($said)->assertSessionHasErrors($field);
        $this->assertSame(0, Note::query()->count());
    }

    /** Read and written anew: upright, and nothing of where it was taken is left in the file (EXIF 2.32, GPS IFD 0x8825). */
    public function test_photographs_lose_where_they_were_taken(): void
    {
        $image = imagecreatetruecolor(40, 20);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        // A little-endian TIFF with Orientation 6 and a pointer to a GPS directory.
        $tiff = "II*\0".pack('V', 8).pack('v', 2).pack('vvVvv', 0x0112, 3, 1, 6, 0).pack('vvVV', 0x8825, 4, 1, 38).pack('V', 0)
            .pack('v', 1).pack('vvV', 1, 2, 2)."N\0\0\0".pack('V', 0);
        $app1 = "Exif\0\0".$tiff;
        $jpeg = substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($app1) + 2).$app1.substr($jpeg, 2);
        $this->post(route('notes.store', $this->project), [
            'step' => 'sort', 'photo' => UploadedFile::fake()->createWithContent('p.jpg', $jpeg),
        ])->assertSessionHasNoErrors();
        $note = Note::query()->sole();
        $kept = (string) $this->get(route('notes.photo', [$this->project, $note]))->assertOk()->getContent();
        $this->assertStringNotContainsString('Exif', $kept);
        $size = getimagesizefromstring($kept);
        $this->assertIsArray($size);
        $this->assertSame([20, 40], [$size[0], $size[1]], 'turned upright');
        $this->get(route('bench', ['project' => $this->project, 'step' => 'sort']))->assertSee('note-photo');
        $this->post(route('notes.store', $this->project), [
            'step' => 'sort', 'photo' => UploadedFile::fake()->createWithContent('p.jpg', 'no'),
        ])->assertSessionHasErrors('photo');
        $this->post(route('notes.store', $this->project), ['step' => 'sort'])->assertSessionHasErrors('text');
    }

    public function test_the_clock_runs_on_and_goes_on_with_the_hands(): void
    {
        $this->freezeSecond();
        $plan = app(Plans::class)->plan($this->project);
        [$first, $second] = [$plan->steps[0]->key, $plan->steps[1]->key];
        $this->clock($first, true)->assertJson(['running' => true]);
        $this->travel(90)->seconds();
        $this->get(route('bench', ['project' => $this->project, 'step' => $first]))->assertSee('seconds: 90', false);
        $this->put(route('ticks.update', $this->project), ['step' => $first, 'done' => '1', 'next' => '1']);
        $this->travel(30)->seconds();
        $this->clock($second, false, 10)->assertJson(['running' => false, 'seconds' => 20]);
        $this->assertSame([$first => 90, $second => 20], StepTime::query()->pluck('seconds', 'step')->all());
        // What was forgotten over night does not count on and on.
        $this->clock($second, true);
        $this->travel(30)->hours();
        $this->clock($second, false)->assertJson(['seconds' => 20 + StepTime::MOST_AT_ONCE]);
        $this->putJson(route('clock', $this->project), ['step' => ''])->assertUnprocessable();
    }

    /** Notes are seen where they belong: at a step, on a face, with the book. */
    public function test_notes_on_a_face_and_on_the_book(): void
    {
        $note = fn (string $place, string $text) => $this->post(route('notes.store', $this->project), ['step' => $place, 'text' => $text]);
        $note('face:page-3', 'The owl looks left')->assertRedirect(
            route('plan', ['project' => $this->project, 'face' => 'page-3']).'#on-face',
        );
        $note('book', 'For the club')->assertRedirect(route('log', $this->project));
        $this->get(route('plan', ['project' => $this->project, 'face' => 'page-3']))->assertSee('The owl looks left');
        $this->get(route('plan', ['project' => $this->project, 'face' => 'page-4']))->assertDontSee('The owl looks left');
        $this->get(route('log', $this->project))->assertSee('The owl looks left')->assertSee('For the club');
    }

    /** A piece is noted at the trimmer or at the bench, seen at both, and goes along when the book is made again. */
    public function test_notes_on_a_piece(): void
    {
        $plan = app(Plans::class)->plan($this->project);
        $sheet = collect($plan->steps)->firstOrFail(static fn ($step): bool => $step->picture->kind === 'sheet');
        $step = collect($plan->steps)->firstOrFail(static fn ($step): bool => $step->picture->kind !== 'sheet' && count($step->parts) > 0);
        $piece = $plan->blueprint->part($step->parts[0]);
        $place = Note::PIECE.$piece->key;
        $noted = fn (array $said) => $this->post(route('notes.store', $this->project), ['step' => $place, ...$said]);
        $noted(['text' => 'Grain runs long', 'stage' => 'cut', 'from' => $sheet->key])->assertRedirect(
            route('cut', ['project' => $this->project, 'sheet' => $sheet->key]).'#about-a-piece',
        );
        $bench = route('bench', ['project' => $this->project, 'step' => $step->key]);
        $noted(['text' => '', 'stage' => 'bench', 'from' => $step->key])->assertRedirect($bench)->assertSessionHasErrors('text');
        $noted(['text' => 'Frays', 'stage' => 'elsewhere', 'from' => $step->key])->assertSessionHasErrors('stage');
        $noted(['text' => 'Frays', 'stage' => 'bench', 'from' => $step->key])->assertRedirect($bench);
        $this->get($bench)->assertSee("{$piece->letter}, ".lcfirst($piece->name).': Grain runs long')->assertSee('Frays');
        $other = collect($plan->steps)->firstOrFail(static fn ($each): bool => ! in_array($piece->key, $each->parts, true));
        $this->get(route('bench', ['project' => $this->project, 'step' => $other->key]))->assertDontSee('Grain runs long');
        $list = $this->get(route('print.pdf', [$this->project, 'cut-list']))->assertOk()->content();
        $this->assertStringContainsString('Grain runs long · Frays', (new Parser)->parseContent((string) $list)->getText());
        $this->assertSame(['Grain runs long', 'Frays'], array_map(
            static fn (Note $note): string => $note->text,
            $this->project->notesAbout([$piece])[$piece->key],
        ));
        $another = collect($plan->blueprint->parts)->firstOrFail(static fn ($part): bool => $part->key !== $piece->key);
        $this->assertSame([], $this->project->notesAbout([$another]));
        $this->post(route('log.again', $this->project));
        $next = Project::query()->latest('id')->firstOrFail();
        $this->assertSame(['Grain runs long', 'Frays'], $next->notes()->oldest('id')->pluck('text')->all());
    }

    /** Wet glue wants half an hour (common practice, no published source): till then it is told, with what can be done meanwhile. */
    public function test_what_dries_and_what_to_do_meanwhile(): void
    {
        $plan = app(Plans::class)->plan($this->project);
        $glued = array_values(array_filter($plan->steps, static fn ($step): bool => \Ephemeron\Bench\Drying::minutes($step) === 30))[0];
        $this->put(route('ticks.update', $this->project), ['step' => $glued->key, 'done' => '1']);
        $this->travel(29)->minutes();
        $this->get(route('bench', ['project' => $this->project, 'step' => $glued->key]))->assertSee('dries')->assertSee('Meanwhile');
        $waiting = new \App\Planning\Waiting($this->project->refresh(), $plan, new \App\Planning\Progress($this->project, $plan));
        $this->assertNotContains($glued->key, $waiting->meanwhile->needs ?? [$glued->key]);
        $this->travel(2)->minutes();
        $this->get(route('bench', $this->project))->assertDontSee('dries <span', false);
    }

    /** Three of a kind are believed, two are not. */
    public function test_what_is_left_follows_ones_own_pace(): void
    {
        $plan = app(Plans::class)->plan($this->project);
        $score = array_values(array_filter($plan->steps, static fn ($step): bool => str_starts_with($step->key, 'score-')))[0];
        foreach ([1, 2] as $number) {
            StepTime::query()->create(['project_id' => $this->project->id, 'step' => "score-{$number}", 'seconds' => 10 * $number]);
        }
        $this->assertSame([90, false], \App\Planning\StepClock::left([$score]));
        StepTime::query()->create(['project_id' => $this->project->id, 'step' => 'score-3', 'seconds' => 30]);
        $this->assertSame([20, true], \App\Planning\StepClock::left([$score]));
        $this->assertSame([0, false], \App\Planning\StepClock::left([]));
    }

    #[TestWith([29, 'less than a minute'])]
    #[TestWith([30, '1 min'])]
    #[TestWith([3600, '1 h'])]
    #[TestWith([4800, '1 h 20 min'])]
    public function test_times_as_one_says_them(int $seconds, string $said): void
    {
        $this->assertSame($said, Duration::text($seconds));
    }

    /**
     * @param array<string, string> $said
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function came(array $said): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('came', $this->project), [
            'step' => 'sort', 'measure' => 'width|page-3/pocket-1|whole', 'verdict' => 'measures', 'came' => '4 11/16', ...$said,
        ]);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function clock(string $step, bool $run, int $forgotten = 0): \Illuminate\Testing\TestResponse
    {
        return $this->putJson(route('clock', $this->project), ['step' => $step, 'run' => $run, 'forgotten' => $forgotten])->assertOk();
    }
}

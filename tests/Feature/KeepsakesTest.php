<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Paper;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Design\Design;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What goes in, and what is set aside, on their screens. */
final class KeepsakesTest extends TestCase
{
    use RefreshDatabase;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->project = app(ProjectEditor::class)->create([
            'structure' => 'nested-gusset-album', 'name' => 'Album', 'unit' => 'in', 'mats' => ['layers' => 1],
        ]);
    }

    public function test_photos_are_listed_placed_changed_and_struck(): void
    {
        $this->get($this->at())->assertOk()->assertSee('Nothing is meant for this book yet');
        $this->send('', ['name' => 'Perseids', 'size' => '4x6', 'count' => '3'])->assertSessionHasNoErrors();
        $this->send(
            '',
            ['name' => 'Ridge', 'size' => 'own', 'width' => '5', 'height' => '3 1/2', 'kind' => 'card'],
        )->assertSessionHasNoErrors();
        $this->assertSame(['perseids-1', 'perseids-2', 'perseids-3', 'ridge'], array_keys($this->design()->keepsakes));
        $this->get($this->at())->assertSee('Find a place for the 4 without')->assertSeeInOrder(['To order', '3', '4 × 6 in']);
        $this->send('/places', [])->assertSessionHas('said');
        $homes = array_map(static fn ($one): ?string => $one->home, $this->design()->keepsakes);
        $this->assertNotNull($homes['perseids-1']);
        // By hand: from then on it stays.
        $this->patch(route('design', $this->project), [
            'revision' => $this->project->refresh()->revision, 'stage' => 'keepsakes',
            'set' => ['keepsakes.perseids-1.home' => 'page-4', 'keepsakes.perseids-1.proposed' => 'false'],
        ])->assertRedirect($this->at());
        $this->send('/places', []);
        $this->assertSame(
            ['page-4', false],
            [$this->design()->keepsakes['perseids-1']->home, $this->design()->keepsakes['perseids-1']->isProposed],
        );
        $this->delete("{$this->at()}/ridge", ['revision' => $this->project->refresh()->revision, '_method' => 'DELETE'])->assertRedirect();
        $this->assertArrayNotHasKey('ridge', $this->design()->keepsakes);
        // A page that is no more keeps what was meant for it, and says so.
        $this->patch(route('design', $this->project), [
            'revision' => $this->project->refresh()->revision,
            'set' => ['keepsakes.perseids-2.home' => 'page-88'],
        ]);
        $this->get($this->at())->assertSee('page-88, gone')->assertSee('not there any more');
    }

    /** @param array<string, string> $said */
    #[TestWith([['size' => 'own', 'width' => '', 'height' => '3'], 'width'])]
    #[TestWith([['size' => 'own', 'width' => 'broad', 'height' => '3'], 'width'])]
    #[TestWith([['size' => 'own', 'width' => '50', 'height' => '3'], 'width'])]
    #[TestWith([['size' => '7x7'], 'size'])]
    #[TestWith([['count' => '61'], 'count'])]
    #[TestWith([['kind' => 'stamp'], 'kind'])]
    #[TestWith([['sheet' => '99', 'cards' => ['1']], 'sheet'])]
    public function test_what_cannot_be_is_said_beside_its_field(array $said, string $field): void
    {
        $this->send('', ['name' => 'Kept name', ...$said])->assertSessionHasErrors($field);
        $this->assertSame([], $this->design()->keepsakes);
        $this->get($this->at())->assertSee('Kept name');
    }

    public function test_its_picture(): void
    {
        $this->send('', ['name' => 'Owl']);
        $at = "{$this->at()}/owl/picture";
        $this->get($at)->assertNotFound();
        $this->post($at, ['picture' => UploadedFile::fake()->createWithContent('a.png', 'x')])->assertSessionHasErrors('picture-owl');
        $this->post($at, ['picture' => UploadedFile::fake()->image('a.png', 40, 60)])->assertSessionHasNoErrors();
        $this->get($at)->assertOk();
        $this->post(
            "{$this->at()}/moth/picture",
            ['picture' => UploadedFile::fake()->image('a.png')],
        )->assertSessionHasErrors('picture-moth');
    }

    public function test_cards_of_a_sheet_are_cut_from_it(): void
    {
        $sheet = $this->paper('Field cards', ['set_aside' => 'cut-apart', 'cards' => [
            ['name' => 'Moth', 'width' => 3 * 8128, 'height' => 4 * 8128, 'left' => 0, 'top' => 0],
            ['name' => '', 'width' => 3 * 8128, 'height' => 4 * 8128, 'left' => 3 * 8128, 'top' => 0],
        ]]);
        $this->get($this->at())->assertSee('Field cards')->assertSee('Moth')->assertSee('Card 2');
        $this->send('', ['sheet' => (string) $sheet->id])->assertSessionHasErrors('cards');
        $this->send('', ['sheet' => (string) $sheet->id, 'cards' => ['1', '2']])->assertSessionHasNoErrors();
        $this->assertSame(['moth', 'card-2'], array_keys($this->design()->keepsakes));
        $plan = app(Plans::class)->plan($this->project->refresh());
        $cut = array_values(array_filter($plan->stocks, static fn ($stock): bool => $stock->stock->name === 'Field cards'))[0]->cuts;
        $this->assertSame([1, []], [$cut->sheets(), $cut->missing]);
        // Prints that are pressed on faces meanwhile do not make the book forget the sheet.
        $other = $this->paper('Dusk');
        $this->post(route('paper.choose', $this->project), [
            'revision' => $this->project->refresh()->revision, 'paper' => (string) $other->id, 'place' => 'page-1',
        ])->assertSessionHasNoErrors();
        $this->assertCount(2, $this->design()->choices->papers);
    }

    /** Set aside in reserve one sheet less is there; for the cover it is the best; to cut apart none is left for faces. */
    public function test_set_aside_on_the_paper_stage(): void
    {
        $paper = $this->paper('Dusk');
        $press = fn (string $button, string $value): \Illuminate\Testing\TestResponse => $this->post(route('paper.choose', $this->project), [
            'revision' => $this->project->refresh()->revision, 'paper' => (string) $paper->id, $button => $value,
        ])->assertSessionHasNoErrors();
        $press('place', 'page-1');
        $there = fn (): ?int => array_values($this->design()->choices->papers)[0]->available;
        $this->assertSame(2, $there());
        $press('aside', 'reserve');
        $this->assertSame([1, 1], [$there(), $paper->refresh()->keptBack()]);
        $this->get(route('paper', $this->project))->assertSee('1 in reserve');
        $press('aside', 'cover');
        $this->assertSame([2, 0, true], [$there(), $paper->refresh()->keptBack(), $paper->isPrized()]);
        $press('aside', 'cut-apart');
        $this->assertSame([0, 2], [$there(), $paper->refresh()->keptBack()]);
        $press('aside', 'none');
        $this->assertSame([2, ''], [$there(), $paper->refresh()->set_aside]);
        $this->post(
            route('paper.choose', $this->project),
            ['revision' => 1, 'paper' => '999', 'aside' => 'cover'],
        )->assertSessionHasErrors('paper');
        $this->post(route('paper.choose', $this->project), ['revision' => 1, 'aside' => 'lost'])->assertSessionHasErrors('aside');
    }

    /** @param array<string, mixed> $more */
    private function paper(string $name, array $more = []): Paper
    {
        return Paper::query()->create([
            'name' => $name, 'kind' => 'pattern', 'pad' => 'Pad', 'width' => 12 * 8128, 'height' => 12 * 8128, 'weight' => '160 g',
            'count' => 2, ...$more,
        ]);
    }

    private function design(): Design
    {
        return app(Plans::class)->design($this->project->refresh());
    }

    /**
     * @param array<string, mixed> $said
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(string $to, array $said): \Illuminate\Testing\TestResponse
    {
        return $this->post($this->at().$to, ['revision' => $this->project->refresh()->revision, ...$said]);
    }

    private function at(): string
    {
        return route('keepsakes', $this->project);
    }
}

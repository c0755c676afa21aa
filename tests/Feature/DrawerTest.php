<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Paper;
use App\Models\Project;
use Ephemeron\Measure\Length;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class DrawerTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_paper_is_put_in_found_changed_and_taken_out(): void
    {
        $this->get('/papers')->assertOk()->assertSee('Nothing of that is in the drawer');
        $this->putIn(['name' => 'Zodiac <b>wheel</b>', 'tags' => 'stars, 100% blue', 'price' => '0,85', 'swatch' => '#8FA3C4']);
        $paper = Paper::query()->sole();
        $this->assertSame([Length::inches(12)->ticks, 850, '#8fa3c4', 4], [$paper->width, $paper->mills, $paper->swatch, $paper->count]);
        $this->get('/papers?search=100%25+ZODIAC')->assertSee('Zodiac <b>wheel</b>')->assertDontSee('Zodiac <b>wheel</b>', false);
        $this->get('/papers?search=1_0')->assertSee('Nothing of that');
        $this->get('/papers?kind=board')->assertSee('Nothing of that');

        $this->patch(
            "/papers/{$paper->id}",
            ['name' => 'Wheel', 'width' => '12', 'height' => '12', 'weight' => '160 g', 'count' => '1'],
        )->assertRedirect();
        $this->assertSame(['Wheel', 1], [$paper->refresh()->name, $paper->count]);
        $this->get("/papers?paper={$paper->id}")->assertSee('Counted again')->assertSee('Put into the drawer');
        $this->delete("/papers/{$paper->id}")->assertRedirect('/papers');
        $this->assertSame(0, Paper::query()->count());
    }

    public function test_a_pad_is_putIn_at_one_go(): void
    {
        $this->putIn(['name' => 'Night sky', 'designs' => '18', 'count' => '2', 'width' => '20,3', 'height' => '20.3', 'unit' => 'cm']);
        $this->assertSame(18, Paper::query()->where('pad', 'Night sky')->where('count', 2)->count());
        $this->assertSame('Night sky 18', Paper::query()->latest('id')->firstOrFail()->name);
    }

    #[TestWith(['name', ''])]
    #[TestWith(['width', 'wide'])]
    #[TestWith(['width', '-3'])]
    #[TestWith(['count', '1.5'])]
    #[TestWith(['count', '-1'])]
    #[TestWith(['weight', 'heavy'])]
    #[TestWith(['price', '-1'])]
    #[TestWith(['swatch', 'red'])]
    #[TestWith(['kind', 'cloth'])]
    #[TestWith(['grain', 'sideways'])]
    #[TestWith(['direction', 'up'])]
    #[TestWith(['designs', '101'])]
    #[TestWith(['selvage', '12'])]
    public function test_what_is_wrong_stands_beside_its_field_and_nothing_is_lost(string $field, string $typed): void
    {
        $this->from('/papers')->putIn(['name' => 'Kept name', 'place' => 'blue bin', $field => $typed], false);
        $this->assertSame(0, Paper::query()->count());
        $this->assertArrayHasKey($field, (array) session('errors')?->getBag('default')->toArray());
        $page = $this->get('/papers')->assertSee('field-error', false)->assertSee('Nothing was changed');
        $page->assertSee('blue bin');
    }

    public function test_csv_goes_out_and_comes_back(): void
    {
        $this->putIn(['name' => '="Comet", left', 'width' => '6 1/8', 'height' => '12', 'place' => 'bin; lowest', 'price' => '1.20']);
        $csv = (string) $this->get('/papers.csv')->assertOk()->getContent();
        Paper::query()->delete();
        $this->post(
            '/papers/look',
            ['file' => UploadedFile::fake()->createWithContent('papers.csv', $csv)],
        )->assertOk()->assertSee('1 line can be read');
        $this->assertSame(0, Paper::query()->count());
        $this->post('/papers/take', ['csv' => $csv])->assertRedirect();
        $this->assertSame($csv, $this->get('/papers.csv')->getContent());
    }

    public function test_the_look_at_a_file_names_every_bad_line(): void
    {
        $csv = "\xEF\xBB\xBFName,count,width,height\nGood,2,12,12\n,2,12,12\nBad count,many,12,12\nToo many,1,12,12,13\n";
        $this->post('/papers/look', ['file' => UploadedFile::fake()->createWithContent('papers.csv', $csv)])
            ->assertSee('1 line can be read, 3 cannot')->assertSee('Line 3: name: A paper wants a name.')->assertSee('Line 4: count:')
            ->assertSee('Line 5: there are more values');
        $this->post(
            '/papers/look',
            ['file' => UploadedFile::fake()->createWithContent('papers.csv', "a,b\n1,2\n")],
        )->assertSee('The first line must name the columns');
        $this->post(
            '/papers/look',
            ['file' => UploadedFile::fake()->createWithContent('papers.csv', "name\n\xff\n")],
        )->assertSee('not in UTF-8');
        $this->post('/papers/look', [])->assertSessionHasErrors('file');
    }

    public function test_pictures_are_taken_for_what_they_are(): void
    {
        Storage::fake('local');
        $this->putIn(['name' => 'Moth']);
        $paper = Paper::query()->sole();
        $this->get("/papers/{$paper->id}/picture")->assertNotFound();
        $this->post(
            "/papers/{$paper->id}/picture",
            ['picture' => UploadedFile::fake()->createWithContent('moth.png', '<?php echo 1;')],
        )->assertSessionHasErrors('picture');
        $this->post(
            "/papers/{$paper->id}/picture",
            ['picture' => UploadedFile::fake()->image('moth.txt', 1200, 600)],
        )->assertSessionHasNoErrors();
        $picture = getimagesizefromstring((string) $this->get("/papers/{$paper->id}/picture")->assertOk()->getContent());
        $this->assertIsArray($picture);
        $this->assertSame([1200, 600, IMAGETYPE_JPEG], [$picture[0], $picture[1], $picture[2]]);
    }

    /**
     * A picture 40 × 20 whose left half is red. EXIF 2.32, tag 0x0112: 1 as it is, 3 turned by half, 6 by a quarter clockwise, 8
     * counter-clockwise, 2 mirrored.
     *
     * @return iterable<string, array{int, array{int, int}, array{int, int}}> orientation, size, a place that is red
     */
    public static function orientations(): iterable
    {
        yield 'as it is' => [1, [40, 20], [5, 10]];
        yield 'mirrored' => [2, [40, 20], [35, 10]];
        yield 'upside down' => [3, [40, 20], [35, 10]];
        yield 'held upright, turned right' => [6, [20, 40], [10, 5]];
        yield 'held upright, turned left' => [8, [20, 40], [10, 35]];
    }

    /**
     * @param array{int, int} $size
     * @param array{int, int} $red
     */
    #[DataProvider('orientations')]
    public function test_pictures_of_a_telephone_stand_upright(int $orientation, array $size, array $red): void
    {
        Storage::fake('local');
        $picture = imagecreatetruecolor(40, 20);
        $this->assertNotFalse($picture);
        imagefill($picture, 0, 0, 0xFFFFFF);
        imagefilledrectangle($picture, 0, 0, 19, 19, 0xFF0000);
        ob_start();
        imagejpeg($picture, null, 100);
        $plain = (string) ob_get_clean();
        $tiff = "II*\0".pack('V', 8).pack('v', 1).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('V', 0);
        $jpeg = substr($plain, 0, 2)."\xFF\xE1".pack('n', strlen($tiff) + 8)."Exif\0\0{$tiff}".substr($plain, 2);
        $this->putIn(['name' => 'Moth']);
        $paper = Paper::query()->sole();
        $this->post(
            "/papers/{$paper->id}/picture",
            ['picture' => UploadedFile::fake()->createWithContent('moth.jpg', $jpeg)],
        )->assertSessionHasNoErrors();
        $kept = imagecreatefromstring((string) $this->get("/papers/{$paper->id}/picture")->getContent());
        $this->assertNotFalse($kept);
        $this->assertSame($size, [imagesx($kept), imagesy($kept)]);
        $colour = imagecolorat($kept, ...$red);
        $this->assertGreaterThan(200, ($colour >> 16) & 0xFF);
        $this->assertLessThan(80, $colour & 0xFF);
    }

    /** The form promises no more than PHP lets through. */
    public function test_a_picture_that_is_too_large_is_answered_with_what_is_taken(): void
    {
        $this->putIn(['name' => 'Moth']);
        $paper = Paper::query()->sole();
        $most = \App\Drawer\PaperPicture::mostMegabytes();
        $this->assertLessThanOrEqual(12, $most);
        $this->post(
            "/papers/{$paper->id}/picture",
            ['picture' => UploadedFile::fake()->create('moth.png', $most * 1024 + 1)],
        )->assertSessionHasErrors(['picture' => "Choose a picture of {$most} MB at the most."]);
        $this->assertStringContainsString('upload_max_filesize=200M', (string) file_get_contents(base_path('bin/demo')));
        $this->assertStringContainsString('upload_max_filesize = 200M', (string) file_get_contents(public_path('.user.ini')));
    }

    public function test_a_ticked_cut_takes_its_sheets_and_gives_its_leftovers_until_the_tick_is_taken_back(): void
    {
        $this->putIn(['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g']);
        $paper = Paper::query()->sole();
        $project = Project::factory()->create();
        $this->post(
            "/projects/{$project->id}/papers/take",
            ['take' => ['structure-card' => $paper->id], 'revision' => $project->revision],
        )->assertSessionHasNoErrors();
        $project->refresh();
        $this->assertSame('Orbit card', app(\App\Planning\Plans::class)->design($project)->materials['structure-card']->name);

        $sheet = $this->sheetKey($project, 'structure-card');
        $this->put("/projects/{$project->id}/ticks", ['step' => $sheet, 'done' => '1'])->assertRedirect()->assertSessionHasNoErrors();
        $taken = 9 - $paper->refresh()->count;
        $this->assertGreaterThan(0, $taken);
        $kept = Paper::query()->where('kind', 'leftover')->get();
        $this->assertNotEmpty($kept);
        $this->assertSame($paper->id, $kept[0]?->parent_id);
        $this->get("/papers?paper={$paper->id}")->assertSee("Cut for {$project->name}");
        $this->put("/projects/{$project->id}/ticks", ['step' => $sheet, 'done' => '1']);
        $this->assertSame(9 - $taken, $paper->refresh()->count, 'a second tick takes nothing');

        $this->put("/projects/{$project->id}/ticks", ['step' => $sheet, 'done' => '0']);
        $this->assertSame(9, $paper->refresh()->count);
        $this->assertSame(1, Paper::query()->count(), 'leftovers go with the cut that made them');
    }

    public function test_lists_where_words_are_expected_break_nothing(): void
    {
        foreach (['search', 'kind', 'pad', 'there', 'unit', 'paper', 'page'] as $key) {
            $this->get("/papers?{$key}[]=x")->assertOk();
            $this->get("/papers/makes?{$key}[]=x")->assertOk();
        }
        foreach (['name', 'count', 'width', 'designs', 'unit', 'kind'] as $key) {
            $this->from('/papers')->post('/papers', ['adding' => '1', 'name' => 'Orbit', $key => ['x']]);
            $this->get('/papers')->assertOk();
        }
        $this->from('/papers')->put('/papers/kept', ['narrowest' => ['2'], 'unit' => ['in']])->assertSessionHasErrors('narrowest');
        $this->get('/papers')->assertOk();
        $this->get('/catalogue?only[0][]=x&unit[]=cm')->assertOk();
        $this->post('/papers/take', ['csv' => ['x'], 'unit' => ['cm']])->assertRedirect();
        $project = Project::factory()->create();
        $this->followingRedirects()->from("/projects/{$project->id}/cut")->post(
            "/projects/{$project->id}/batches",
            ['copies' => ['2'], 'batch-name' => ['x']],
        )->assertOk()->assertSee('two to a hundred books');
    }

    public function test_the_drawer_never_has_fewer_than_none(): void
    {
        $this->putIn(['name' => 'Orbit card', 'count' => '3']);
        $paper = Paper::query()->sole();
        $paper->move(-5, 'Cut elsewhere');
        $this->assertSame([0, -3], [$paper->refresh()->count, $paper->movements()->latest('id')->firstOrFail()->change]);
    }

    public function test_the_maker_says_which_leftovers_are_worth_keeping(): void
    {
        foreach (['', 'broad', '1/8', '61'] as $wrong) {
            $this->from('/papers')->put('/papers/kept', ['narrowest' => $wrong, 'unit' => 'in'])->assertRedirect('/papers')
                ->assertSessionHasErrors('narrowest');
        }
        $this->put('/papers/kept', ['narrowest' => '30', 'unit' => 'cm'])->assertSessionHasNoErrors();
        $this->get('/papers?unit=cm')->assertSee('value="30"', false);

        $this->putIn(['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g']);
        $project = Project::factory()->create();
        $this->post(
            "/projects/{$project->id}/papers/take",
            ['take' => ['structure-card' => Paper::query()->sole()->id], 'revision' => $project->revision],
        )->assertSessionHasNoErrors();
        $sheet = $this->sheetKey($project, 'structure-card');
        $this->put("/projects/{$project->id}/ticks", ['step' => $sheet, 'done' => '1'])->assertSessionHasNoErrors();
        $this->assertLessThan(9, Paper::query()->sole()->count, 'sheets are taken, and nothing as broad is left');
    }

    public function test_the_picture_of_a_paper_shows_through_the_blanks(): void
    {
        Storage::fake('local');
        $this->putIn(['name' => 'Orbit card', 'kind' => 'card', 'weight' => '220 g']);
        $paper = Paper::query()->sole();
        $project = Project::factory()->create();
        $this->post(
            "/projects/{$project->id}/papers/take",
            ['take' => ['structure-card' => $paper->id], 'revision' => $project->revision],
        )->assertSessionHasNoErrors();
        $this->get("/projects/{$project->id}/cut")->assertDontSee('<image', false);
        $this->post("/papers/{$paper->id}/picture", ['picture' => UploadedFile::fake()->image('orbit.png', 30, 30)]);
        $this->get("/projects/{$project->id}/cut")->assertSee("href=\"/papers/{$paper->id}/picture?side=A", false)
            ->assertSee('has-picture', false);
        $this->get("/projects/{$project->id}/sheets/{$this->sheetKey($project, 'structure-card')}.svg")->assertDontSee('<image', false);
    }

    public function test_a_measured_thickness_and_a_colour_for_each_side_go_with_the_paper(): void
    {
        $this->putIn(
            [
                'name' => 'Felt',
                'kind' => 'card',
                'weight' => '220 g',
                'thickness' => '0.9 mm',
                'swatch' => '#112233',
                'swatch-b' => '#AABBCC',
                'count' => '9',
            ],
        );
        $paper = Paper::query()->sole();
        $this->assertSame([288, '#aabbcc'], [$paper->thickness, $paper->swatch_b]);
        $this->get('/papers')->assertSee('#aabbcc');
        $csv = (string) $this->get('/papers.csv?unit=cm')->getContent();
        $this->assertStringContainsString('0.09 cm', $csv);
        $project = Project::factory()->create();
        $this->post(
            "/projects/{$project->id}/papers/take",
            ['take' => ['structure-card' => $paper->id], 'revision' => $project->revision],
        )->assertSessionHasNoErrors();
        $this->assertEqualsWithDelta(
            0.9,
            app(\App\Planning\Plans::class)->design($project->refresh())->materials['structure-card']->caliper->inMillimetres(),
            1e-6,
        );
        $this->from('/papers')->post('/papers', ['name' => 'Felt', 'thickness' => '9 cm'])->assertSessionHasErrors('thickness');
        $this->from('/papers')->post('/papers', ['name' => 'Felt', 'swatch-b' => 'blue'])->assertSessionHasErrors('swatch-b');
    }

    public function test_what_a_paper_is_for_a_journal_goes_with_it(): void
    {
        $this->putIn(
            [
                'name' => 'Verses',
                'kind' => 'pattern',
                'weight' => '80 g',
                'count' => '3',
                'swatch' => '#c8b48a',
                'leaf' => 'book',
                'text' => '1',
                'front' => 'half',
                'back' => 'none',
                'bag' => 'top',
            ],
        );
        $leaf = ['kind' => 'book', 'text' => '1', 'front' => 'half', 'back' => 'none', 'reference' => '', 'bag' => 'top'];
        $this->assertSame($leaf, Paper::query()->sole()->leaf);
        $csv = (string) $this->get('/papers.csv')->getContent();
        $this->assertStringContainsString('book,1,half,none,,top', $csv);
        Paper::query()->delete();
        $upload = \Illuminate\Http\UploadedFile::fake()->createWithContent('papers.csv', $csv);
        $this->post('/papers/look', ['file' => $upload, 'unit' => 'in'])->assertSee('Verses');
        $this->from('/papers')->post('/papers', ['name' => 'Felt', 'leaf' => 'novel'])->assertSessionHasErrors('leaf');
        $this->from('/papers')->post('/papers', ['name' => 'Felt', 'leaf' => 'plain', 'front' => 'most'])->assertSessionHasErrors('front');
    }

    public function test_a_leftover_keeps_its_place_on_the_picture(): void
    {
        Storage::fake('local');
        $this->putIn(['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g']);
        $paper = Paper::query()->sole();
        $this->post("/papers/{$paper->id}/picture", ['picture' => UploadedFile::fake()->image('orbit.png', 30, 30)]);
        $project = Project::factory()->create();
        $this->post("/projects/{$project->id}/papers/take", ['take' => ['structure-card' => $paper->id], 'revision' => $project->revision]);
        $offcuts = array_map(
            static fn ($offcut) => $offcut->area(),
            app(\App\Planning\Plans::class)->plan($project->refresh())->stocks[0]->cuts->patterns[0]->offcuts(),
        );
        $offcut = array_values(
            array_filter($offcuts, static fn ($area): bool => $area->size()->shortSide()->isAtLeast(Length::inches(2))),
        )[0];
        $sheet = $this->sheetKey($project, 'structure-card');
        $this->put("/projects/{$project->id}/ticks", ['step' => $sheet, 'done' => '1']);
        $leftover = Paper::query()->where('kind', 'leftover')->where('width', $offcut->width()->ticks)->firstOrFail();
        $this->assertSame(
            [$offcut->left()->ticks, $offcut->top()->ticks, $paper->refresh()->picture],
            [$leftover->cut_left, $leftover->cut_top, $leftover->picture],
        );

        // Cut for another book it shows that part, and no more than it is large.
        $other = Project::factory()->create();
        $this->post(
            "/projects/{$other->id}/papers/take",
            ['take' => ['insert-card' => $paper->id], 'revision' => $other->revision, 'leftovers' => '1'],
        );
        $this->get("/projects/{$other->id}/cut?all=1")->assertSee("href=\"/papers/{$leftover->id}/picture?side=A", false);
    }

    public function test_a_drawer_that_has_been_cut_from_since_is_noticed(): void
    {
        $this->putIn(['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g']);
        $paper = Paper::query()->sole();
        $project = Project::factory()->create();
        $this->post("/projects/{$project->id}/papers/take", ['take' => ['structure-card' => $paper->id], 'revision' => $project->revision]);
        $this->get("/projects/{$project->id}/cut")->assertDontSee('the drawer has');
        $sheet = $this->sheetKey($project, 'structure-card');
        $this->put("/projects/{$project->id}/ticks", ['step' => $sheet, 'done' => '1']);
        $this->get("/projects/{$project->id}/cut")->assertDontSee('the drawer has');
        $paper->refresh()->move(-$paper->count, 'Another book');
        $this->get("/projects/{$project->id}/cut")->assertSee('the drawer has')->assertSee('Plan with what is there now');
        $this->post(
            "/projects/{$project->id}/papers/take",
            ['revision' => $project->refresh()->revision, 'stage' => 'cut', 'take' => ['structure-card' => $paper->id], 'leftovers' => '1'],
        )->assertSessionHasNoErrors();
        $this->get("/projects/{$project->id}/papers")->assertSee('runs out');
        $paper->delete();
        $this->get("/projects/{$project->id}/cut")->assertSee('is not in the drawer any more');
    }

    public function test_leftovers_are_cut_before_a_new_sheet_is_begun(): void
    {
        $this->putIn(['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g']);
        $paper = Paper::query()->sole();
        $leftover = $paper->leftovers()->create(
            [
                'name' => 'Orbit card, leftover',
                'kind' => 'leftover',
                'width' => Length::inches(12)->ticks,
                'height' => Length::inches(12)->ticks,
                'weight' => '220 g',
                'count' => 2,
            ],
        );
        $project = Project::factory()->create();
        $new = $this->sheetsOf($project);
        $this->post(
            "/projects/{$project->id}/papers/take",
            ['take' => ['structure-card' => $paper->id], 'revision' => $project->revision, 'leftovers' => '1'],
        )->assertSessionHasNoErrors();
        $this->assertSame($new - 2, $this->sheetsOf($project->refresh()));
        $this->get("/projects/{$project->id}/cut")->assertSee('2 leftovers');
        $this->get("/projects/{$project->id}/plan")->assertSee('Used first');

        $first = $this->app->make(\App\Planning\Plans::class)->plan($project)->stocks[0]->cuts->patterns[0];
        $sheet = $this->sheetKey($project, 'structure-card');
        $this->put("/projects/{$project->id}/ticks", ['step' => $sheet, 'done' => '1']);
        $this->assertSame([9, 2 - $first->count], [$paper->refresh()->count, $leftover->refresh()->count], 'leftovers go first');
        $this->assertSame(
            [$paper->id],
            Paper::query()->where('kind', 'leftover')->distinct()->pluck('parent_id')->all(),
            'what is left of a leftover is left of the same paper',
        );
        $this->put("/projects/{$project->id}/ticks", ['step' => $sheet, 'done' => '0']);
        $this->assertSame(2, $leftover->refresh()->count);

        $this->post(
            "/projects/{$project->id}/papers/take",
            ['take' => ['structure-card' => $paper->id], 'revision' => $project->refresh()->revision, 'leftovers' => '0'],
        )->assertSessionHasNoErrors();
        $this->assertSame($new, $this->sheetsOf($project->refresh()));
    }

    public function test_a_paper_that_is_gone_is_not_given_to_a_role(): void
    {
        $project = Project::factory()->create();
        $this->post(
            "/projects/{$project->id}/papers/take",
            ['take' => ['structure-card' => 77], 'revision' => $project->revision],
        )->assertSessionHasErrors('paper');
        $this->post(
            "/projects/{$project->id}/papers/take",
            ['take' => ['roof' => 77], 'revision' => $project->revision],
        )->assertSessionHasErrors();
    }

    public function test_what_can_be_made_from_the_drawer_and_from_one_pad(): void
    {
        $this->get('/papers/makes')->assertOk()->assertSee('Structures at their usual size');
        $this->putIn(['name' => 'Night sky', 'designs' => '2', 'count' => '3']);
        $this->putIn(['name' => 'Meadow', 'pad' => 'Meadow', 'count' => '9']);
        Project::factory()->of(['structure' => 'five-pocket-folio', 'name' => 'Sky folio'])->create();
        $whole = (string) $this->get('/papers/makes')->assertSee('Sky folio')->getContent();
        $this->assertMatchesRegularExpression('~Sky folio</a></th>\s*<td class="of num">15<span~', $whole);
        $pad = (string) $this->get('/papers/makes?pad=Night+sky')->assertSee('0 left')->getContent();
        $this->assertMatchesRegularExpression('~Sky folio</a></th>\s*<td class="of num">6<span~', $pad);
        $this->get('/papers/makes?pad=none&unit=cm')->assertOk();
    }

    private function sheetsOf(Project $project): int
    {
        return $this->app->make(\App\Planning\Plans::class)->plan($project)->stocks[0]->cuts->sheets();
    }

    /** @param array<string, string> $fields */
    private function putIn(array $fields, bool $taken = true): void
    {
        $answer = $this->post(
            '/papers',
            [
                'adding' => '1',
                'unit' => 'in',
                'kind' => 'pattern',
                'width' => '12',
                'height' => '12',
                'weight' => '160 g',
                'count' => '4',
                ...$fields,
            ],
        );
        $taken ? $answer->assertRedirect()->assertSessionHasNoErrors() : $answer->assertRedirect('/papers')->assertSessionHasErrors();
    }

    /** A form that was opened before sheets were taken saves its tag and brings no sheet back; counted again, it says so. */
    public function test_a_stale_form_changes_what_was_edited_only(): void
    {
        $this->putIn(['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g']);
        $paper = Paper::query()->sole();
        $page = (string) $this->get("/papers?paper={$paper->id}")->assertOk()->getContent();
        $this->assertSame(1, preg_match('/name="was" value="([^"]*)"/', $page, $was));
        $form = ['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g', 'width' => '12', 'height' => '12',
            'was' => html_entity_decode($was[1])];
        $paper->move(-4, 'A book');
        $paper->refresh()->update(['place' => 'second drawer']);
        $this->patch("/papers/{$paper->id}", [...$form, 'tags' => 'best'])->assertSessionHasNoErrors();
        $this->assertSame([5, 'best', 'second drawer'], [$paper->refresh()->count, $paper->tags, $paper->place]);
        $this->assertSame(5, (int) $paper->movements()->sum('change'), 'counts move by movements only');
        $this->patch("/papers/{$paper->id}", [...$form, 'count' => '7', 'was' => ['x' => 'y']])->assertRedirect();
        $paper->refresh()->move(5 - $paper->count, 'Counted again');
        $this->patch("/papers/{$paper->id}", [...$form, 'count' => '7'])->assertSessionHasNoErrors();
        $this->assertSame([7, 7], [$paper->refresh()->count, (int) $paper->movements()->sum('change')]);
    }
}

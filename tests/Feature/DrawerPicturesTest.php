<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawer\NaturalOrder;
use App\Drawer\OwnPaper;
use App\Drawer\Pixels;
use App\Models\Paper;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Repeat;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** Pads by their pictures, sheets squared up, papers of one’s own, what is set aside. */
final class DrawerPicturesTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    public function test_a_pad_is_put_in_by_its_pictures(): void
    {
        $files = [
            'Dusk 10.png' => 'red',
            'dusk 2.png' => 'blue',
            'Dusk 2-B.png' => 'green',
            'moth_front.png' => 'red',
            'Moth (back).png' => 'blue',
        ];
        $this->post('/papers', [
            'name' => 'Night pad', 'width' => '12', 'height' => '12', 'count' => '2', 'weight' => '160 g', 'sides' => 'single',
            'pictures' => array_map($this->picture(...), array_keys($files), $files),
        ])->assertSessionHasNoErrors()->assertRedirect();
        $papers = Paper::sieved(['pad' => 'Night pad'])->get();
        $this->assertSame(['Dusk 2', 'Dusk 10', 'Moth'], $papers->pluck('name')->map(ucfirst(...))->all(), 'in natural order');
        $this->assertSame(['double', 'single', 'double'], $papers->pluck('sides')->all());
        $this->assertSame([2, 2, 2], $papers->pluck('count')->all());
        // Colours come from the pictures.
        $this->assertSame(['#0000fe', '#00fe00'], $this->roughly($papers[0]->swatch, $papers[0]->swatch_b));
        $this->get("/papers/{$papers[0]->id}/picture?side=B&w=160")->assertOk();
        $this->get("/papers/{$papers[1]->id}/picture?side=B")->assertNotFound();
    }

    public function test_every_second_picture_is_a_side_b(): void
    {
        $this->post('/papers', [
            'name' => 'Pad', 'width' => '12', 'height' => '12', 'pairs' => '1',
            'pictures' => array_map(fn (int $number): UploadedFile => $this->picture("scan{$number}.png", 'red'), [10, 9, 11, 12]),
        ])->assertSessionHasNoErrors();
        $this->assertSame(['Scan9', 'Scan11'], Paper::sieved([])->pluck('name')->all());
        $this->assertSame(2, Paper::query()->whereNotNull('picture_b')->count());
    }

    public function test_one_file_that_is_no_picture_puts_nothing_in(): void
    {
        $this->post('/papers', [
            'name' => 'Pad', 'width' => '12', 'height' => '12',
            'pictures' => [$this->picture('one.png', 'red'), UploadedFile::fake()->createWithContent('two.png', 'no picture')],
        ])->assertSessionHasErrors(['pictures' => 'two.png: That is not a PNG, JPEG or SVG picture. Nothing was put in.']);
        $this->assertSame(0, Paper::query()->count());
    }

    #[TestWith(['Dusk 2', 'dusk 10'])]
    #[TestWith(['a9b', 'A10a'])]
    #[TestWith(['Ähre', 'Birke'])]
    #[TestWith(['No 007', 'No 8'])]
    public function test_names_are_in_natural_order(string $first, string $second): void
    {
        $this->assertLessThan(0, NaturalOrder::key($first) <=> NaturalOrder::key($second));
    }

    /** A red sheet seen askew on a blue table: squared up nothing of the table is left. */
    public function test_a_photograph_is_squared_up(): void
    {
        $photo = imagecreatetruecolor(200, 160);
        imagefill($photo, 0, 0, 0x0000FF);
        imagefilledpolygon($photo, [40, 16, 170, 30, 184, 140, 20, 128], 0xFF0000);
        $paper = $this->paper();
        $this->post("/papers/{$paper->id}/picture", ['picture' => $this->file('p.png', $photo), 'side' => 'A'])->assertSessionHasNoErrors();
        $before = $paper->refresh()->pictureAddress(\Ephemeron\Paper\Side::A, 160);
        $this->put("/papers/{$paper->id}/picture", ['side' => 'A', 'corners' => '0.2 0.1 0.85 0.1875 0.92 0.875 0.1 0.8'])
            ->assertSessionHasNoErrors();
        $square = Pixels::read((string) $this->get("/papers/{$paper->id}/picture")->getContent());
        $this->assertSame([900, 900], [$square->width(), $square->height()], 'as wide as tall, like the sheet');
        foreach ([[20, 20], [879, 20], [20, 879], [879, 879], [450, 450]] as [$x, $y]) {
            $this->assertGreaterThan(200, imagecolorat($square->image, $x, $y) >> 16, "{$x} {$y}");
            $this->assertLessThan(60, imagecolorat($square->image, $x, $y) & 0xFF);
        }
        $this->assertNotSame($before, $paper->refresh()->pictureAddress(\Ephemeron\Paper\Side::A, 160), 'a new edition has a new address');
    }

    #[TestWith(['0 0 0 1 1 1 1 0'])]
    #[TestWith(['0 0 1 0 1 1'])]
    #[TestWith(['0 0 1 0 2 1 0 1'])]
    #[TestWith(['a b c d e f g h'])]
    public function test_bad_corners_are_told(string $corners): void
    {
        $paper = $this->paper();
        $this->post("/papers/{$paper->id}/picture", ['picture' => $this->picture('p.png', 'red')]);
        $this->put("/papers/{$paper->id}/picture", ['side' => 'A', 'corners' => $corners])->assertSessionHasErrors('corners');
        $this->put("/papers/{$paper->id}/picture", ['side' => 'B', 'corners' => '0 0 1 0 1 1 0 1'])->assertSessionHasErrors('corners');
    }

    public function test_pictures_are_handed_out_as_small_as_they_are_wanted_and_for_good(): void
    {
        $paper = $this->paper();
        $this->post("/papers/{$paper->id}/picture", ['picture' => UploadedFile::fake()->image('p.png', 1600, 800)]);
        foreach ([160, 320, 640, 1200] as $width) {
            $got = $this->get($paper->refresh()->pictureAddress(\Ephemeron\Paper\Side::A, $width))->assertOk();
            $this->assertStringContainsString('max-age=31536000', (string) $got->headers->get('Cache-Control'));
            $this->assertSame($width, Pixels::read((string) $got->getContent())->width());
        }
        $this->get("/papers/{$paper->id}/picture?w=161")->assertNotFound();
    }

    /** Every dot of the sheet is the dot of the motif that the rule says: no seam, no white line. */
    #[TestWith([Repeat::Straight, false])]
    #[TestWith([Repeat::HalfDrop, false])]
    #[TestWith([Repeat::Brick, false])]
    #[TestWith([Repeat::HalfDrop, true])]
    #[TestWith([Repeat::Brick, true])]
    #[TestWith([Repeat::Straight, true])]
    public function test_own_paper_dot_by_dot(Repeat $repeat, bool $mirrored): void
    {
        // ¼ in at 300 dots to the inch is 75 dots; 53 tall, so that halves are uneven.
        $motif = imagecreatetruecolor(75, 53);
        mt_srand(9);
        foreach (range(0, 74) as $x) {
            foreach (range(0, 52) as $y) {
                imagesetpixel($motif, $x, $y, mt_rand(0, 0xFFFFFE));
            }
        }
        $wanted = new OwnPaper(Size::inches(1.25, 0.9), Length::inches(0, 1, 4), $repeat, $mirrored);
        $sheet = $wanted->made(Pixels::of($motif))->image;
        $this->assertSame([375, 270], [imagesx($sheet), imagesy($sheet)]);
        $wrong = 0;
        foreach (range(0, 374) as $x) {
            foreach (range(0, 269) as $y) {
                [$across, $down] = $repeat->dot($x, $y, 75, 53, $mirrored);
                $wrong += imagecolorat($sheet, $x, $y) === imagecolorat($motif, $across, $down) ? 0 : 1;
            }
        }
        $this->assertSame(0, $wrong);
    }

    public function test_own_paper_from_motif_to_drawer(): void
    {
        $this->get('/papers/own')->assertOk()->assertSee('The motif, PNG');
        $this->post('/papers/own', ['motif' => UploadedFile::fake()->createWithContent('m.png', 'x')])->assertSessionHasErrors('motif');
        $there = (string) $this->post('/papers/own', ['motif' => UploadedFile::fake()->image('m.png', 60, 60)])->headers->get('Location');
        $motif = substr($there, (int) strpos($there, 'motif=') + 6);
        $asked = "motif={$motif}&unit=cm&size=2&width=10&height=6&repeat=brick";
        $this->get("/papers/own?{$asked}")->assertOk()->assertSee('sheet.pdf');
        $png = (string) $this->get("/papers/own/sheet.png?{$asked}")->assertOk()->getContent();
        $made = imagecreatefromstring($png);
        $this->assertNotFalse($made);
        $this->assertSame([1181, 709, [300, 300]], [imagesx($made), imagesy($made), imageresolution($made)], '10 × 6 cm at 300 dots');
        $pdf = (new Parser)->parseContent((string) $this->get("/papers/own/sheet.pdf?{$asked}")->assertOk()->getContent());
        $box = $pdf->getPages()[0]->getDetails()['MediaBox'];
        $this->assertEqualsWithDelta([283.465, 170.079], [(float) $box[2], (float) $box[3]], 0.1, '10 × 6 cm in points of 1⁄72 in');
        $this->get("/papers/own?motif={$motif}&width=60")->assertOk()->assertSee('goes from 1 in to 24 in');
        $this->get("/papers/own?motif={$motif}&width=20&height=20")->assertOk()->assertSee('Up to 13 × 19 in');
        $this->get("/papers/own/sheet.png?motif={$motif}&width=60")->assertNotFound();
        $sent = ['motif' => $motif, 'unit' => 'cm', 'size' => '2', 'width' => '10', 'height' => '6'];
        $this->post('/papers/own/drawer', [...$sent, 'name' => '', 'count' => '0'])->assertSessionHasErrors(['name', 'count']);
        $this->post('/papers/own/drawer', [...$sent, 'name' => 'Owl eyes', 'count' => '3'])->assertSessionHasNoErrors();
        $paper = Paper::query()->sole();
        $this->assertSame(['Owl eyes', 3, 'single'], [$paper->name, $paper->count, $paper->sides]);
        $this->assertSame(Length::millimetres(100)->ticks, $paper->width);
        $this->get("/papers/{$paper->id}/picture")->assertOk();
    }

    public function test_what_is_set_aside_and_printed_comes_through_a_csv(): void
    {
        $this->post('/papers', [
            'name' => 'Cards', 'width' => '12', 'height' => '12', 'count' => '4', 'set-aside' => 'reserve', 'set-aside-count' => '1',
            'cards' => "3 x 4 at 0 x 1/2: Owl\n2 1/2 × 2 at 3 × 0",
        ])->assertSessionHasNoErrors();
        $paper = Paper::query()->sole();
        $this->assertSame([1, 'Owl', 2], [$paper->keptBack(), $paper->printedCards()[0]->name, count($paper->printedCards())]);
        $csv = (string) $this->get('/papers.csv')->getContent();
        $this->post('/papers/look', ['file' => UploadedFile::fake()->createWithContent('p.csv', $csv)])->assertOk()->assertSee('Cards');
        [$read, $wrong] = app(\App\Drawer\PaperCsv::class)->read($csv, \Ephemeron\Measure\Unit::Inch);
        $this->assertSame([], $wrong);
        $this->assertSame(['reserve', 1, $paper->cards], [$read[0]['set_aside'], $read[0]['set_aside_count'], $read[0]['cards']]);
    }

    #[TestWith(['cards', '3 by 4'])]
    #[TestWith(['cards', '3 x 4 at 10 x 0'])]
    #[TestWith(['set-aside', 'lost'])]
    #[TestWith(['set-aside-count', '-1'])]
    #[TestWith(['swatch', 'red'])]
    public function test_bad_marks_are_told_beside_their_field(string $field, string $value): void
    {
        $this->post('/papers', ['name' => 'Cards', 'width' => '12', 'height' => '12', $field => $value])->assertSessionHasErrors($field);
    }

    private function paper(): Paper
    {
        $this->post('/papers', ['name' => 'Sheet', 'width' => '12', 'height' => '12', 'count' => '1']);

        return Paper::query()->sole();
    }

    private function picture(string $name, string $colour): UploadedFile
    {
        $image = imagecreatetruecolor(60, 60);
        imagefill($image, 0, 0, ['red' => 0xFF0000, 'green' => 0x00FF00, 'blue' => 0x0000FF][$colour]);

        return $this->file($name, $image);
    }

    private function file(string $name, \GdImage $image): UploadedFile
    {
        ob_start();
        imagepng($image);

        return UploadedFile::fake()->createWithContent($name, (string) ob_get_clean());
    }

    /** @return list<string> with what JPEG took off rounded away */
    private function roughly(string ...$colours): array
    {
        return array_values(array_map(static fn (string $colour): string => '#'.implode('', array_map(
            static fn (string $part): string => hexdec($part) > 250 ? 'fe' : (hexdec($part) < 6 ? '00' : $part),
            str_split(substr($colour, 1), 2),
        )), $colours));
    }
}

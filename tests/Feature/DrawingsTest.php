<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\BoardDrawing;
use App\Drawing\PartDrawing;
use App\Drawing\Prints;
use App\Drawing\SectionsDrawing;
use App\Drawing\SmallPictures;
use App\Drawing\SpreadDrawing;
use App\Models\Project;
use App\Planning\ChangeInWords;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use App\View\Measured;
use App\View\Stage;
use App\View\Typeset;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Design\Design;
use Ephemeron\Filling\Keepsake;
use Ephemeron\Filling\KeepsakeKind;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Choices;
use Ephemeron\Structure\Catalogue;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\Designs;
use Tests\TestCase;

/** What is drawn and said on the screens, measured in the drawings themselves. */
final class DrawingsTest extends TestCase
{
    use Designs;
    use RefreshDatabase;

    /** What is clipped to what is told apart by letters: none lies on another, nor a piece on a piece, and all can be read on a phone. */
    #[TestWith(['nested-gusset-album'])]
    #[TestWith(['z-page-album'])]
    #[TestWith(['waterfall-wallet'])]
    public function test_every_piece_lies_in_its_section(string $structure): void
    {
        $plan = $this->plan($structure);
        $svg = $this->xml((new SectionsDrawing($plan))->draw());
        [, , $width, $height] = array_map(floatval(...), explode(' ', (string) $svg['viewBox']));
        $number = static fn (?\SimpleXMLElement $value): float => (float) (string) $value;
        $pieces = [];
        foreach ($svg->xpath('//s:g[starts-with(@transform, "translate")]') ?: [] as $piece) {
            sscanf((string) $piece['transform'], 'translate(%f %f)', $x, $y);
            [$paper] = $piece->xpath('*[local-name()="rect"]') ?: [null];
            [$ring] = $piece->xpath('*[local-name()="circle"]') ?: [null];
            $radius = $number($ring['r'] ?? null);
            // Where the window of a phone is 330 dots broad, a letter is ten dots tall at least.
            $this->assertGreaterThan(10.0, 1.15 * $radius * min(330 / $width, 264 / $height));
            $broad = max($number($paper['width'] ?? null), 2 * $radius);
            $middle = $x + $number($paper['width'] ?? null) / 2;
            $pieces[] = [$middle - $broad / 2, $y, $middle + $broad / 2, $y + $number($paper['height'] ?? null)];
        }
        $this->assertCount(count($plan->blueprint->parts), $pieces);
        // Headings are as broad as bold letters of a plain serif, six tenths of their size each.
        foreach ($svg->xpath('/s:svg/s:text') ?: [] as $heading) {
            $top = $number($heading['y']) - $number($heading['font-size']);
            $broad = 0.6 * $number($heading['font-size']) * mb_strlen((string) $heading);
            $pieces[] = [$number($heading['x']), $top, $number($heading['x']) + $broad, $number($heading['y'])];
        }
        $this->assertCount(count($plan->blueprint->parts) + count($plan->blueprint->sections()), $pieces);
        foreach ($pieces as $index => [$left, $top, $right, $bottom]) {
            $this->assertTrue($left >= 0.0 && $top >= 0.0 && $right <= $width - 8.0 + 0.01 && $bottom <= $height - 8.0 + 0.01);
            foreach (array_slice($pieces, $index + 1) as [$otherLeft, $otherTop, $otherRight, $otherBottom]) {
                $isApart = $right <= $otherLeft || $otherRight <= $left || $bottom <= $otherTop || $otherBottom <= $top;
                $this->assertTrue($isApart, "piece {$index}");
            }
        }
    }

    public function test_the_opened_book_is_true_to_scale(): void
    {
        $spreads = new SpreadDrawing($this->plan('nested-gusset-album')->layout);
        $opening = $spreads->openingOf('page-2');
        $this->assertSame(['page-1', 'page-2'], array_column($opening, 'key'));
        $svg = $this->xml($spreads->draw($opening, 'page-2', static fn ($face): string => "#{$face->key}"));

        // 5 × 8½ in in millimetres, and the second face 127 mm to the right
        $paper = $svg->xpath('//s:g/s:rect[contains(@class, "role-structure-card")]') ?: [];
        $this->assertSame(['127', '215.9'], [(string) $paper[0]['width'], (string) $paper[0]['height']]);
        $this->assertNotSame([], $svg->xpath('//s:g[@transform="translate(127 0)"]'));
        // mats 4⅞ × 8⅜ a hairline inside
        $mats = $svg->xpath('//s:rect[contains(@class, "role-mat-base")]') ?: [];
        $this->assertSame('123.825', (string) $mats[0]['width']);
        $this->assertNotSame([], $svg->xpath('//s:g[@transform="translate(1.5875 1.5875)"]'));

        $links = $svg->xpath('//s:a') ?: [];
        $this->assertSame(
            ['Page 1', 'Page 2'],
            array_map(static fn (\SimpleXMLElement $link): string => (string) $link['aria-label'], $links),
        );
        $this->assertCount(1, $svg->xpath('//s:rect[@class="chosen-mark"]') ?: []);
    }

    public function test_every_face_is_in_one_opening(): void
    {
        foreach (['nested-gusset-album', 'meander-book'] as $structure) {
            $plan = $this->plan($structure);
            $seen = array_column(array_merge(...(new SpreadDrawing($plan->layout))->openings()), 'key');
            $this->assertSame(array_keys($plan->blueprint->pages()), $seen);
        }
    }

    public function test_the_notch_of_a_leaf_is_drawn_where_its_pocket_opens(): void
    {
        $plan = $this->plan('meander-book');
        $spreads = new SpreadDrawing($plan->layout);
        // Leaf 1 opens at the top of page 2, leaf 2 at the fore-edge of page 4; page 6 stands on its head on the sheet and opens at the
        // top all the same.
        foreach (['page-2' => 'M25.4 0A12.7', 'page-4' => 'M76.2 25.4A12.7', 'page-6' => 'M25.4 0A12.7'] as $page => $start) {
            $body = $spreads->draw([$plan->blueprint->face($page)])->file();
            $this->assertStringContainsString($start, $body, $page);
        }
        $this->assertStringNotContainsString('A12.7', $spreads->draw([$plan->blueprint->face('page-3')])->file());
    }

    public function test_a_flat_part_shows_each_kind_of_line_by_its_shape(): void
    {
        $plan = $this->plan('meander-book');
        $drawing = (new PartDrawing($plan->notation()))->draw($plan->blueprint->part('book-sheet'));
        $this->assertSame(
            [LineKind::Outline, LineKind::Valley, LineKind::Mountain, LineKind::Slit, LineKind::Glue, LineKind::Hidden],
            $drawing->kinds(),
        );
        $svg = $this->xml($drawing);
        $this->assertCount(3, $svg->xpath('//s:line[@class="line-slit"]') ?: []);
        $this->assertCount(2, $svg->xpath('//s:line[@class="line-valley"]') ?: []);
        $this->assertCount(4, $svg->xpath('//s:line[@class="line-mountain"]') ?: []);
        $dashes = array_map(
            static fn (LineKind $kind): string => $kind->attributes()['stroke-dasharray'] ?? 'solid',
            [LineKind::Outline, LineKind::Valley, LineKind::Mountain, LineKind::Hidden],
        );
        $this->assertSame($dashes, array_unique($dashes));
    }

    /** Strips that lie side by side are one hatching: as much is hatched, and nothing twice. */
    public function test_where_something_is_stuck_on_is_hatched_field_by_field(): void
    {
        $joined = 0;
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            foreach ($this->plan($structure)->blueprint->parts as $part) {
                $drawing = new SvgDrawing(0.0, 0.0, 1.0, 1.0, '');
                (new PartDrawing(Notation::usual(Unit::Inch), false))->bare($drawing, $part);
                $field = '~ width="(\S+)" height="(\S+)" class="line-(glue|tape)"~';
                preg_match_all($field, $drawing->inline(), $found, PREG_SET_ORDER);
                $hatched = ['glue' => 0.0, 'tape' => 0.0];
                foreach ($found as [, $width, $height, $with]) {
                    $hatched[$with] += (float) $width * (float) $height;
                }
                $zones = ['glue' => 0.0, 'tape' => 0.0];
                foreach ($part->glueZones as $zone) {
                    $area = $zone->area->width()->inMillimetres() * $zone->area->height()->inMillimetres();
                    $zones[$zone->adhesive === Adhesive::Tape ? 'tape' : 'glue'] += $area;
                }
                $this->assertEqualsWithDelta($zones, $hatched, 0.5, "{$structure}, {$part->key}");
                $this->assertLessThanOrEqual(count($part->glueZones), count($found));
                $joined += count($part->glueZones) - count($found);
            }
        }
        $this->assertGreaterThan(5, $joined);
    }

    public function test_the_board_shows_where_to_score(): void
    {
        $plan = $this->plan('nested-gusset-album', ['scoring' => 'absolute', 'parameters' => ['step' => '3/16', 'tape-width' => '1/8']]);
        $score = $plan->scores['sheet-1'];
        $svg = $this->xml((new BoardDrawing($plan->notation()))->draw($score, $score->moves[0]));
        $lines = $svg->xpath('//s:line[@class="line-valley"]') ?: [];
        // 5 in and 5 3⁄16 in
        $this->assertSame(['127', '131.7625'], array_map(static fn (\SimpleXMLElement $line): string => (string) $line['x1'], $lines));
        $this->assertStringContainsString('≠ 5', (string) $svg->asXML());
        $this->assertCount(1, $svg->xpath('//s:circle[contains(@class, "is-beneath")]') ?: [], 'the letter lies on the side below');
        // A groove every eighth of an inch, from the fence to the end of the board.
        $grooves = (string) ($svg->xpath('//s:path[@class="line-groove"]') ?: [])[0]['d'];
        $this->assertStringStartsWith('M3.175 0v', $grooves);
        $this->assertSame($score->board->length->holds(Length::inches(0, 1, 8)), substr_count($grooves, 'M'));
        $this->assertStringContainsString('M'.$score->board->length->inMillimetres().' 0v', $grooves);
    }

    /** Numbers of scores stand clear of each other; a letter lies on a score only where no room is broad enough for it. */
    public function test_rings_on_the_board_can_be_read(): void
    {
        $apart = 0;
        foreach (['z-page-album', 'four-flap-folio', 'tab-spine-album', 'cascade-album'] as $structure) {
            $plan = $this->plan($structure);
            foreach ($plan->scores as $score) {
                foreach ($score->moves as $move) {
                    $svg = $this->xml((new BoardDrawing($plan->notation()))->draw($score, $move));
                    $rings = array_map(
                        static fn (\SimpleXMLElement $ring): array => [(float) $ring['cx'], (float) $ring['cy'], (float) $ring['r']],
                        $svg->xpath('//s:circle[contains(@class, "ring")]') ?: [],
                    );
                    [$x, , $radius] = array_pop($rings) ?? [0.0, 0.0, 0.0];
                    $rooms = [];
                    $left = 0.0;
                    $width = ($move->atTheFence === Axis::Width ? $score->part->size->width : $score->part->size->height)->inMillimetres();
                    foreach ([...array_column($rings, 0), $width] as $right) {
                        $rooms[] = $right - $left;
                        $left = $right;
                    }
                    if (max($rooms) > 3 * $radius) {
                        $apart++;
                        foreach ($rings as [$at]) {
                            $this->assertGreaterThanOrEqual($radius, abs($at - $x), "{$structure}: {$score->part->name}");
                        }
                    }
                    foreach ($rings as $index => [$oneX, $oneY, $one]) {
                        [$otherX, $otherY, $other] = $rings[$index + 1] ?? [$oneX + 99.0, $oneY, 0.0];
                        $this->assertGreaterThanOrEqual($one + $other, hypot($oneX - $otherX, $oneY - $otherY), $structure);
                    }
                }
            }
        }
        $this->assertGreaterThan(10, $apart);
    }

    #[TestWith(['4⅞ in wide', "<span class=\"text-nowrap\">4<span class=\"frac\">7⁄8</span>\u{A0}in</span> wide"])]
    #[TestWith([
        "5 × 4\u{2009}3⁄16 × 5½, 2",
        "<span class=\"text-nowrap\">5\u{A0}×\u{A0}4<span class=\"frac\">3⁄16</span>"
            ."\u{A0}×\u{A0}5<span class=\"frac\">1⁄2</span></span>, 2",
    ])]
    #[TestWith(['<b>½</b>', '&lt;b&gt;<span class="text-nowrap"><span class="frac">1⁄2</span></span>&lt;/b&gt;'])]
    #[TestWith(['in the fold', 'in the fold'])]
    public function test_fractions_are_set_apart_from_whole_numbers(string $text, string $html): void
    {
        $this->assertSame($html, str_replace("\u{2009}", '', Typeset::html($text)->toHtml()));
    }

    public function test_numbers_carry_their_exact_value_and_the_other_unit(): void
    {
        $notation = Notation::usual(Unit::Inch);
        $html = Measured::length(Length::parse('4 1/32'), $notation)->toHtml();
        $this->assertStringContainsString('title="4 1/32 in · ≈10.2 cm"', $html);
        $this->assertStringContainsString('class="other"', $html);
        $this->assertStringNotContainsString('</span> in', Measured::size(Size::inches(5, 8.5), $notation, false)->toHtml());
    }

    public function test_changes_are_said_in_words(): void
    {
        $words = app(ChangeInWords::class);
        $reader = app(DesignReader::class);
        $before = $reader->usual(app(Catalogue::class)->get('nested-gusset-album'), Unit::Inch);
        $said = static fn (array $changes): string => $words->between($before, $reader->changed($before, $changes));
        $this->assertSame('', $said([]));
        $this->assertSame('leaf width 5 in → 6 in', $said(['parameters.leaf-width' => '6']));
        $this->assertSame('ribbon yes → no', $said(['parameters.ribbon' => 'false']));
        $this->assertSame('covers last → covers first', $said(['schools.covers' => 'covers-first']));
        $named = $reader->changed($before, ['name' => 'name day']);
        $this->assertSame("name {$before->name} → name day", $words->between($before, $named));
        $this->assertSame("name name day → {$before->name}", $words->between($named, $before));
        $this->assertSame('pockets mat first → pocket first', $said(['schools.pockets' => 'pocket-first']));
        $this->assertSame('mats page 1 corners left open → mitred', $said(['mats.faces.page-1.corners' => 'mitred']));
        $this->assertSame(
            'leaf width 5 in → 6 in, sheets 4 → 3 and 1 more',
            $said(['parameters.leaf-width' => '6', 'parameters.ribbon' => 'false', 'parameters.sheets' => '3']),
        );
        // Another unit writes every length another way and changes none.
        $this->assertSame('read in centimetres', $said(['unit' => 'cm']));
        $this->assertSame('something put on a page', $said(['things.page-1/tag-1' => ['on' => 'page-1', 'kind' => 'tag']]));
        $this->assertSame('something taken off a page', $said(['things.page-2/pocket-1.off' => true]));
        $this->assertSame('Haze for first mats', $said(['materials.mat-base.name' => 'Haze', 'materials.mat-base.weight' => '200']));
        $haze = ['materials.mat-base.name' => 'Haze', 'materials.structure-card.name' => 'Haze'];
        $this->assertSame('other papers for 2 kinds of pieces', $said($haze));
        $this->assertSame('mat base weight 160 g → 200 g', $said(['materials.mat-base.weight' => '200']));
    }

    /** Many at once are counted, one is named; nothing is told by its key. */
    public function test_what_goes_in_and_prints_are_said_in_words(): void
    {
        $words = app(ChangeInWords::class);
        $album = app(DesignReader::class)->usual(app(Catalogue::class)->get('nested-gusset-album'), Unit::Inch);
        $photo = static fn (string $name): Keepsake => new Keepsake($name, KeepsakeKind::Print, Size::inches(4, 6));
        $three = ['a' => $photo('Owl'), 'b' => $photo('Newt'), 'c' => $photo('Moth')];
        $with = static fn (array $keepsakes): Design => $album->with(keepsakes: $keepsakes);
        $this->assertSame('3 things to go in', $words->between($album, $with($three)));
        $this->assertSame('“Moth” not to go in', $words->between($with($three), $with(array_slice($three, 0, 2))));
        $homes = [...$three, 'a' => $three['a']->goingTo('page-2/pocket-1')];
        $this->assertSame('“Owl” to page 2 pocket 1', $words->between($with($three), $with($homes)));
        $this->assertSame('“Owl” nowhere yet', $words->between($with($homes), $with($three)));
        $all = array_map(static fn (Keepsake $thing): Keepsake => $thing->goingTo('page-4', true), $three);
        $this->assertSame('places for 3 things that go in', $words->between($with($three), $with($all)));

        $stock = $album->materials[array_key_first($album->materials)];
        $prints = static fn (string ...$keys): Design => $album->with(choices: new Choices(array_fill_keys($keys, $stock)));
        $this->assertSame('2 prints laid to the book', $words->between($album, $prints('a', 'b')));
        $this->assertSame("{$stock->name} put back", $words->between($prints('a', 'b'), $prints('a')));
        $this->assertSame('other prints at hand', $words->between($prints('a'), $prints('b')));
    }

    public function test_small_pictures_are_drawn_once_for_each_design(): void
    {
        $editor = app(ProjectEditor::class);
        $plan = app(\App\Planning\Plans::class)->plan($editor->create(['structure' => 'tab-spine-album', 'unit' => 'in']));
        $spreads = new SpreadDrawing($plan->layout);
        $drawn = array_map(static fn (array $opening): string => $spreads->draw($opening, rulers: false)->inline(), $spreads->openings());
        $cache = new Repository(new ArrayStore(true));
        $all = array_keys($drawn);
        $prints = new Prints;
        $this->assertSame($drawn, (new SmallPictures($cache))->of($plan, $prints, $all));
        $this->assertSame($drawn, (new SmallPictures($cache))->of($plan, $prints, $all), 'as they were kept');
        $this->assertSame([1 => $drawn[1]], (new SmallPictures($cache))->of($plan, $prints, [1, 99]));
        $near = (new SmallPictures(new Repository(new ArrayStore(true))))->near($plan, $prints, 0);
        $this->assertSame(array_slice($drawn, 0, 7), array_slice($near, 0, 7));
        $size = static fn (string $svg): string => preg_match('/viewBox="[^"]+"/', $svg, $found) === 1 ? $found[0] : '';
        $this->assertSame(array_map($size, $drawn), array_map($size, $near), 'what is not drawn yet takes as much room');
        foreach (array_slice($near, 7) as $blank) {
            $this->assertStringContainsString('is-blank', $blank);
        }
        $other = app(\App\Planning\Plans::class)->plan(
            $editor->create(['structure' => 'tab-spine-album', 'unit' => 'in', 'furniture' => []]),
        );
        $this->assertNotSame($drawn, (new SmallPictures($cache))->of($other, $prints, $all));
    }

    public function test_the_moon_and_the_strip_say_how_far_it_is(): void
    {
        $project = Project::factory()->of(['structure' => 'meander-book'])->create();
        $plan = $this->plan('meander-book');
        $progress = fn (): Progress => new Progress($project->fresh() ?? $project, $plan);
        $this->assertSame('New moon: planned, nothing cut yet', $progress()->words());
        $this->assertSame('ready', Stage::Cut->state($plan, $progress()));

        foreach (array_slice($plan->steps, 0, 3) as $step) {
            $project->ticks()->create(['key' => $step->key]);
        }
        $this->assertSame('Waxing moon: 3 of 13 steps', $progress()->words());
        $this->assertSame('2 of 3', Stage::Cut->state($plan, $progress()));
        $this->assertSame(4, $progress()->next()->number);

        foreach (array_slice($plan->steps, 3) as $step) {
            $project->ticks()->create(['key' => $step->key]);
        }
        $this->assertSame('Full moon: finished', $progress()->words());
        $this->assertSame('done', Stage::Bench->state($plan, $progress()));

        $short = $this->plan('meander-book', ['materials' => ['book-sheet' => ['count' => 0]]]);
        $fresh = new Progress(Project::factory()->create(), $short);
        $this->assertSame(
            ['needs a look', 'needs a look', 'ready'],
            [Stage::Plan->state($short, $fresh), Stage::Cut->state($short, $fresh), Stage::Score->state($short, $fresh)],
        );
    }

    private function xml(SvgDrawing $drawing): \SimpleXMLElement
    {
        $svg = new \SimpleXMLElement($drawing->file());
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');

        return $svg;
    }
}

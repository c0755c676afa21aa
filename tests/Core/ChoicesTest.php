<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Part;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Papering\Crop;
use Ephemeron\Papering\Crops;
use Ephemeron\Papering\Seats;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Which print goes where: chosen by face, layer, thing or piece, and where on its sheet it is cut. */
final class ChoicesTest extends TestCase
{
    use AnyDesign;
    use Designs;

    private const PAPERS = [
        'dew' => ['name' => 'Dew point', 'sheet' => '12x12', 'weight' => '160', 'count' => 2],
        'meteor' => ['name' => 'Meteor trail', 'sheet' => '12x12', 'weight' => '160', 'count' => 2, 'direction' => 'both'],
        'plain' => ['name' => 'Cloud', 'sheet' => '12x12', 'weight' => '120', 'sides' => 'single'],
    ];

    public function test_a_chosen_face_becomes_a_piece_of_its_own(): void
    {
        $usual = $this->album([]);
        $plan = $this->album(['page-3' => ['paper' => 'dew'], 'page-4' => ['paper' => 'dew'], 'page-5/mat-1' => ['paper' => 'meteor']]);
        $this->assertSame($usual->blueprint->pieces(), $plan->blueprint->pieces());
        $this->assertSame([['Dew point', 2], ['Meteor trail', 1]], $this->prints($plan));
        $this->assertSame(
            ['Page mat in Dew point, second layer', 2],
            [$this->matOn($plan, 'page-3')->name, $this->matOn($plan, 'page-3')->quantity],
        );
        $this->assertSame($this->matOn($plan, 'page-3')->letter, $this->matOn($plan, 'page-4')->letter);
        $this->assertNotSame($this->matOn($plan, 'page-3')->letter, $this->matOn($plan, 'page-6')->letter);
    }

    /** A layer is narrower than the face: what it says counts, what it leaves open is as the face has it. */
    public function test_the_narrower_choice_counts(): void
    {
        $plan = $this->album(
            ['page-3' => ['paper' => 'dew', 'turn' => 2], 'page-3/mat-2' => ['paper' => 'meteor'], 'page-4/mat-1' => ['paper' => 'dew']],
            ['mats' => ['layers' => 2]],
        );
        $this->assertSame(['meteor', 2], [$this->matOn($plan, 'page-3')->print, $this->matOn($plan, 'page-3')->turn]);
        $this->assertSame(
            [['Dew point', 1], ['Meteor trail', 1]],
            $this->prints($plan),
            'below it the usual paper, on page 4 the lower one',
        );
    }

    /** What nobody chose follows a rule: role, then opening, then book; what was chosen for a face is narrower. */
    public function test_what_nobody_chose_follows_a_rule(): void
    {
        $said = ['book' => ['paper' => 'dew'], 'opening/page-3' => ['paper' => 'meteor'], 'page-4' => ['paper' => 'plain']];
        $plan = $this->album($said);
        $print = fn (string $page): ?string => $this->matOn($plan, $page)->print;
        $this->assertSame(['dew', 'meteor', 'plain', 'dew'], array_map($print, ['page-2', 'page-3', 'page-4', 'page-5']));
        $this->assertNull($plan->blueprint->part((string) array_key_first($plan->blueprint->parts))->print, 'card that carries the book');
        $byRole = $this->album([...$said, 'role/'.$this->matOn($plan, 'page-3')->role->value => ['paper' => 'plain']]);
        $this->assertSame('plain', $this->matOn($byRole, 'page-3')->print, 'the role is narrower than the opening');
        $this->assertSame([], $plan->report->of('choice-of-nothing'));
        $this->assertCount(1, $this->album(['opening/page-99' => ['paper' => 'dew']])->report->of('choice-of-nothing'));
    }

    #[TestWith(['nested-gusset-album', 'sheet-1'])]
    #[TestWith(['five-pocket-folio', 'sheet'])]
    public function test_pieces_of_the_book_are_chosen_by_their_key(string $structure, string $unused): void
    {
        $usual = $this->plan($structure);
        $key = (string) array_key_first($usual->blueprint->parts);
        $plan = $this->plan($structure, ['papers' => self::PAPERS, 'choices' => [$key => ['paper' => 'dew']]]);
        $this->assertSame('print:dew', $plan->blueprint->part($key)->paper(), $unused);
        $this->assertSame('Dew point', $plan->stockOf($key)->name);
    }

    /** Turned by a quarter a directional print lies along the other side of the piece; said, a print without direction does so too. */
    public function test_turns_and_sides_reach_the_trimmer(): void
    {
        $demand = function (array $choice): array {
            $plan = $this->album(['page-3' => $choice]);
            foreach ($plan->stocks as $stock) {
                foreach ($stock->demands as $demand) {
                    if ($demand->key === $this->matOn($plan, 'page-3')->letter) {
                        return [$demand->size, $demand->turnable];
                    }
                }
            }
            $this->fail('It is asked of no paper.');
        };
        $size = $this->matOn($this->album([]), 'page-3')->size;
        $this->assertEquals([$size, true], $demand(['paper' => 'dew']));
        $this->assertEquals([$size, false], $demand(['paper' => 'meteor']));
        $this->assertEquals([$size->turned(), false], $demand(['paper' => 'meteor', 'turn' => 1]));
        $this->assertEquals([$size, false], $demand(['paper' => 'dew', 'turn' => 2]));
        $this->assertTrue($this->matOn($this->album(['page-3' => ['side' => 'B']]), 'page-3')->isOver);
    }

    public function test_they_are_read_and_written(): void
    {
        $design = $this->design('nested-gusset-album', ['papers' => self::PAPERS, 'choices' => [
            'page-3' => ['paper' => 'dew', 'side' => 'B', 'turn' => 3],
            'front-cover' => ['paper' => null],
        ]]);
        $this->assertCount(1, $design->choices->said, 'what says nothing is none');
        $this->assertEquals($design, DesignReader::ofTheHouse()->fromJson(DesignWriter::ofTheHouse()->toJson($design)));
        $gone = DesignReader::ofTheHouse()->changed($design, ['choices.page-3' => null]);
        $this->assertSame([], $gone->choices->said);
        $this->assertCount(3, $gone->choices->papers);
    }

    #[TestWith([['page-3' => ['paper' => 'gone']], 'choices.page-3.paper'])]
    #[TestWith([['page-3' => ['paper' => 'plain', 'side' => 'B']], 'choices.page-3.side'])]
    #[TestWith([['page-3' => ['paper' => 'dew', 'turn' => 4]], 'choices.page-3.turn'])]
    #[TestWith([['page-3' => ['side' => 'C']], 'choices.page-3.side'])]
    #[TestWith([['page-3' => 'dew'], 'choices.page-3'])]
    public function test_what_cannot_be_chosen_is_said_beside_it(array $choices, string $place): void
    {
        try {
            $this->album($choices);
            $this->fail('It was taken.');
        } catch (InvalidDesign $error) {
            $this->assertSame([$place], array_keys($error->errors));
        }
    }

    public function test_a_choice_for_nothing_is_kept_and_told(): void
    {
        $choices = ['page-3' => ['paper' => 'dew'], 'page-99' => ['paper' => 'dew'], 'page-2/pocket-9' => ['paper' => 'dew']];
        $found = $this->album($choices)->report->of('choice-of-nothing');
        $this->assertCount(1, $found);
        $this->assertSame(['choices.page-99' => null, 'choices.page-2/pocket-9' => null], $found[0]->mend?->changes);
        $this->assertSame([], $this->album(array_slice($choices, 0, 1))->report->of('choice-of-nothing'));
    }

    /** Every piece has a place of its own, as large as it is, on a sheet that there is. */
    public function test_every_piece_is_cut_from_a_place_of_its_own(): void
    {
        foreach (['nested-gusset-album', 'tab-spine-album', 'coil-album', 'five-pocket-folio', 'sewn-journal'] as $structure) {
            for ($seed = 1; $seed <= 12; $seed++) {
                mt_srand($seed);
                $design = $this->buildable($structure);
                $said = [];
                foreach (Seats::of(Workshop::ofTheHouse()->blueprint($design)) as $seat) {
                    if (mt_rand(0, 2) === 0) {
                        $said[$seat->place] = ['paper' => ['dew', 'meteor'][mt_rand(0, 1)], 'side' => ['A', 'B', null][mt_rand(0, 2)]];
                    }
                }
                $plan = Workshop::ofTheHouse()->plan(
                    DesignReader::ofTheHouse()->changed($design, ['papers' => self::PAPERS, 'choices' => $said]),
                );
                foreach ($plan->stocks as $stock) {
                    (new TrimmerBench($plan->trimmer()))->replay($stock->cuts, $stock->demands);
                }
                $this->assertSoundCrops($plan, "{$structure}, seed {$seed}");
            }
        }
    }

    /** A pad has two sheets of each print: each leaf may be of another one, and keeps its letter. */
    public function test_each_leaf_of_a_pad_may_be_of_another_print(): void
    {
        $usual = $this->plan('coil-album');
        $square = ['sheet' => '8x8'];
        $plan = $this->plan('coil-album', [
            'papers' => ['dew' => $square + self::PAPERS['dew'], 'meteor' => $square + self::PAPERS['meteor']],
            'choices' => ['leaf#2' => ['paper' => 'dew'], 'leaf#3' => ['paper' => 'dew', 'side' => 'B'], 'leaf#6' => ['paper' => 'meteor']],
        ]);
        $this->assertEquals(array_keys($usual->blueprint->parts), array_keys($plan->blueprint->parts));
        $this->assertSame('3 Star party pad, 2 Dew point, Meteor trail', $plan->papersOf('leaf'));
        $letter = $plan->blueprint->part('leaf')->letter;
        $asked = [];
        foreach ($plan->stocks as $stock) {
            foreach ($stock->demands as $demand) {
                $asked += $demand->key === $letter ? [$stock->stock->name => $demand->quantity] : [];
            }
        }
        $this->assertSame(['Star party pad' => 3, 'Dew point' => 2, 'Meteor trail' => 1], $asked);
        $crops = new Crops($plan->blueprint, $plan->stocks);
        $crop = static fn (string $face): ?Crop => $crops->ofFace($plan->blueprint->face($face));
        $this->assertSame(['Dew point', Side::A], [$crop('page-5')?->paper, $crop('page-5')?->side]);
        $this->assertSame(['Dew point', Side::B], [$crop('page-9')?->paper, $crop('page-10')?->side]);
        $this->assertSame('Star party pad', $crop('page-1')?->paper);
        $this->assertSame([], $plan->report->of('choice-of-nothing'));
        $more = $this->plan('coil-album', ['papers' => self::PAPERS, 'choices' => ['leaf#7' => ['paper' => 'dew']]]);
        $this->assertCount(1, $more->report->of('choice-of-nothing'), 'there are six');
    }

    private function assertSoundCrops(WorkPlan $plan, string $message): void
    {
        $crops = new Crops($plan->blueprint, $plan->stocks);
        $seen = [];
        $joints = array_filter($plan->blueprint->all(Joint::class), static fn (Joint $joint): bool => $crops->ofJoint($joint) !== null);
        foreach ($joints as $joint) {
            $crop = $crops->ofJoint($joint);
            if ($crop === null) {
                continue;
            }
            $part = $plan->blueprint->part($joint->from->part);
            $size = $crop->quarters % 2 === 0 ? $crop->area->size() : $crop->area->size()->turned();
            $this->assertEquals($part->panel($joint->from->panel)->area->size(), $size, $message);
            $lies = array_filter($joints, static fn (Joint $other): bool => $other->from->part === $part->key);
            if (count($lies) !== $part->quantity) {
                continue;
            }
            $above = $crop->fromAbove($this->widthOf($plan, $crop));
            foreach ($seen[$crop->sheet] ?? [] as $other) {
                $this->assertTrue($this->areApart($above, $other), "{$message}: {$part->name} lies on another piece of {$crop->sheet}");
            }
            $seen[$crop->sheet][] = $above;
        }
    }

    private function areApart(Rectangle $one, Rectangle $other): bool
    {
        return $one->left()->isAtLeast($other->right()) || $other->left()->isAtLeast($one->right())
            || $one->top()->isAtLeast($other->bottom()) || $other->top()->isAtLeast($one->bottom());
    }

    private function widthOf(WorkPlan $plan, Crop $crop): Length
    {
        $sheet = $plan->sheet(explode(' #', $crop->sheet)[0]);
        $this->assertNotNull($sheet);

        return $sheet->supply->sheet->width;
    }

    /** Two to a sheet: facing pages share one, whatever comes before them. */
    public function test_facing_pages_come_from_one_sheet(): void
    {
        $plan = $this->album(array_fill_keys(['page-2', 'page-3', 'page-4', 'page-5'], ['paper' => 'meteor']));
        $crops = new Crops($plan->blueprint, $plan->stocks);
        $sheet = fn (string $face): ?string => $crops->ofJoint($this->joint($plan, $face))?->sheet;
        $this->assertCount(2, array_unique(array_map($sheet, ['page-2', 'page-3', 'page-4', 'page-5'])));
        $this->assertNotNull($sheet('page-3'));
        $this->assertSame($sheet('page-3'), $sheet('page-4'), 'which face each other; 2 and 5 have other ones beside them');
    }

    /** A sheet 12 wide, a place 3 × 2 at 1, 4: seen from the other side it is at 12 − 1 − 3; turned by quarters its parts go round. */
    public function test_places_seen_from_the_other_side_and_turned(): void
    {
        $inch = Length::inches(...);
        $crop = new Crop('', 'Dew', 's #1', Side::B, Rectangle::at($inch(8), $inch(4), Size::inches(3, 2)), 0);
        $this->assertEquals(Rectangle::at($inch(1), $inch(4), Size::inches(3, 2)), $crop->fromAbove($inch(12)));
        $corner = static fn (int $quarters, Size $piece): Rectangle => (new Crop(
            '',
            '',
            '',
            Side::A,
            Rectangle::at($inch(0), $inch(0), Size::inches(3, 2)),
            $quarters,
        ))->part(Rectangle::at($inch(0), $inch(0), $piece))->area;
        // The upper left inch of the piece as it lies: of the print its upper left, lower left, lower right, upper right.
        $this->assertEquals(Rectangle::at($inch(0), $inch(0), Size::inches(1, 1)), $corner(0, Size::inches(1, 1)));
        $this->assertEquals(Rectangle::at($inch(0), $inch(1), Size::inches(1, 1)), $corner(1, Size::inches(1, 1)));
        $this->assertEquals(Rectangle::at($inch(2), $inch(1), Size::inches(1, 1)), $corner(2, Size::inches(1, 1)));
        $this->assertEquals(Rectangle::at($inch(2), $inch(0), Size::inches(1, 1)), $corner(3, Size::inches(1, 1)));
    }

    /**
     * @param array<string, mixed> $choices
     * @param array<string, mixed> $more
     */
    private function album(array $choices, array $more = []): WorkPlan
    {
        return $this->plan('nested-gusset-album', ['papers' => self::PAPERS, 'choices' => $choices, ...$more]);
    }

    /** @return list<array{string, int}> names of the chosen papers that are cut, and how many pieces */
    private function prints(WorkPlan $plan): array
    {
        $prints = [];
        foreach ($plan->blueprint->parts as $part) {
            if ($part->print !== null) {
                $name = $plan->stockOf($part->key)->name;
                $prints[$name] = [$name, ($prints[$name][1] ?? 0) + $part->quantity];
            }
        }
        ksort($prints);

        return array_values($prints);
    }

    private function joint(WorkPlan $plan, string $face): Joint
    {
        $mats = array_filter($plan->blueprint->on($face), static fn (Joint $joint): bool => $joint->layer === Layer::Mat);

        return $mats[array_key_last($mats)] ?? $this->fail("{$face} has no mat");
    }

    private function matOn(WorkPlan $plan, string $face): Part
    {
        return $plan->blueprint->part($this->joint($plan, $face)->from->part);
    }
}

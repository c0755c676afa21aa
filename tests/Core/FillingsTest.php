<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Opening;
use Ephemeron\Filling\Fillings;
use Ephemeron\Filling\HomeKind;
use Ephemeron\Filling\Keepsake;
use Ephemeron\Filling\KeepsakeKind;
use Ephemeron\Filling\PrintOrder;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is to go in: where it fits, by hand or by proposal, what must be trimmed, what is to be ordered, cards cut apart. */
final class FillingsTest extends TestCase
{
    use Designs;

    /** A pocket between the glue less ¼ in of play (common practice, no published source): at the limit it goes in, one mark more not. */
    public function test_a_card_goes_in_up_to_the_play(): void
    {
        $plan = $this->plan('nested-gusset-album');
        $pouch = array_values(array_filter(
            (new Fillings($plan->blueprint, [], $plan->notation()))->homes,
            static fn ($home): bool => $home->kind === HomeKind::Pouch && $home->pouch?->opening->isUpright() === false,
        ))[0];
        $card = fn (Length $width, Length $height): ?object => $pouch->takes(
            new Keepsake('c', KeepsakeKind::Card, new Size($width, $height)),
        );
        $mark = Length::inches(0, 1, 64);
        $this->assertNotNull($card($pouch->room->width, $pouch->room->height));
        $this->assertNull($card($pouch->room->width->plus($mark), $pouch->room->height));
        $this->assertNull($card($pouch->room->width, $pouch->room->height->plus($mark)));
    }

    /** Photos are trimmed, by a third of a side at the most; cards never; what would have to be turned says so. */
    public function test_trimmed_or_on_its_side(): void
    {
        $plan = $this->plan('mitred-tab-album', ['parameters' => ['page-width' => '4 3/8'], 'mats' => ['layers' => 0]]);
        $page = (new Fillings($plan->blueprint, [], $plan->notation()))->homes['page-1'];
        $this->assertEquals(new Size(Length::inches(4, 3, 8), Length::inches(8)), $page->room);
        $print = static fn (float $width, float $height): Keepsake => new Keepsake('p', KeepsakeKind::Print, Size::inches($width, $height));
        $this->assertNull($page->takes($print(4, 6))?->trimmed);
        $this->assertFalse($page->takes($print(4, 6))?->onItsSide);
        // 6 wide keeps 4⅛, which is more than two thirds: rather trimmed than on its side.
        $this->assertEquals(new Size(Length::inches(4, 1, 8), Length::inches(4)), $page->takes($print(6, 4))?->trimmed);
        $this->assertTrue($page->takes($print(6.25, 4))?->onItsSide, 'a sixteenth more than a third would go');
        $this->assertNull($page->takes($print(6.25, 9)));
        $this->assertTrue($page->takes(new Keepsake('c', KeepsakeKind::Card, Size::inches(6, 4)))?->onItsSide);
        // Beside another: in rows.
        $this->assertNotNull($page->takes($print(4, 3), $print(4, 4)));
        $this->assertNull($page->takes(new Keepsake('c', KeepsakeKind::Card, Size::inches(4, 4)), $print(4, 4)));
    }

    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    #[TestWith([4])]
    public function test_proposals_hold_what_they_promise(int $seed): void
    {
        mt_srand($seed);
        $structure = ['nested-gusset-album', 'tab-spine-album', 'cascade-album', 'z-page-album'][$seed - 1];
        $plan = $this->plan($structure);
        $keepsakes = [];
        foreach (range(1, 24) as $number) {
            [$w, $h] = [[4, 6], [6, 4], [3, 4], [3, 3], [2, 3], [2.5, 3.5]][mt_rand(0, 5)];
            $kind = [KeepsakeKind::Print, KeepsakeKind::Print, KeepsakeKind::Card, KeepsakeKind::Envelope][mt_rand(0, 3)];
            $keepsakes["k-{$number}"] = new Keepsake("K {$number}", $kind, Size::inches($w, $h));
        }
        $home = array_key_first((new Fillings($plan->blueprint, $keepsakes, $plan->notation()))->homes) ?? '';
        $keepsakes['k-1'] = $keepsakes['k-1']->goingTo($home);
        $fillings = new Fillings($plan->blueprint, $keepsakes, $plan->notation());
        $proposed = $fillings->proposed();
        $this->assertSame(array_keys($keepsakes), array_keys($proposed));
        $this->assertEquals($keepsakes['k-1'], $proposed['k-1'], 'what was chosen by hand stays');
        $settled = (new Fillings($plan->blueprint, $proposed, $plan->notation()))->settled();
        $thick = [];
        foreach ($settled as $key => $one) {
            if ($one->home === null || $key === 'k-1') {
                continue;
            }
            $this->assertNotNull($one->fitting, "{$key} in {$one->home->key}");
            $this->assertStringNotContainsString('already', implode(' ', $one->notes));
            $thick[$one->home->page] = ($thick[$one->home->page] ?? false) || $one->keepsake->isThick();
        }
        foreach ($plan->blueprint->all(Opening::class) as $opening) {
            $this->assertFalse(($thick[$opening->left] ?? false) && ($thick[$opening->right] ?? false), 'thick ones face each other');
        }
        // What has no home would go nowhere even alone in what is left.
        $held = array_count_values(array_filter(array_map(static fn (Keepsake $one): ?string => $one->home, $proposed)));
        foreach ($proposed as $one) {
            foreach ($one->home === null && ! $one->isThick() ? $fillings->homes : [] as $each) {
                $this->assertTrue(isset($held[$each->key]) || $each->takes($one) === null, "{$one->name} would go into {$each->key}");
            }
        }
    }

    /** Two that fit one place each, one of them everywhere: the chain of moves finds both a home. */
    public function test_what_has_fewest_places_is_not_left_out(): void
    {
        $plan = $this->plan('mitred-tab-album', ['mats' => ['layers' => 0], 'parameters' => ['units' => 1], 'furniture' => [
            ['on' => 'page-1', 'kind' => 'photo-mat', 'parameters' => ['photo' => '4x6']],
            ['on' => 'page-2', 'kind' => 'photo-mat', 'parameters' => ['photo' => '3x4']],
            ['on' => 'page-3', 'kind' => 'pocket'], ['on' => 'page-4', 'kind' => 'belly-band'],
        ]]);
        $print = static fn (float $w, float $h): Keepsake => new Keepsake('p', KeepsakeKind::Print, Size::inches($w, $h));
        $proposed = (new Fillings($plan->blueprint, [
            'a' => $print(3, 4), 'b' => $print(4, 6), 'c' => $print(4, 6),
        ], $plan->notation()))->proposed();
        $this->assertNotNull($proposed['a']->home);
        $this->assertSame('page-1/photo-mat-1', $proposed['b']->home);
    }

    public function test_two_thick_pockets_that_face_each_other_are_told(): void
    {
        $plan = $this->plan('nested-gusset-album');
        $homes = array_filter(
            (new Fillings($plan->blueprint, [], $plan->notation()))->homes,
            static fn ($home): bool => $home->kind === HomeKind::Page,
        );
        foreach ($plan->blueprint->all(Opening::class) as $opening) {
            if (isset($homes[$opening->left], $homes[$opening->right])) {
                $one = new Keepsake('e', KeepsakeKind::Envelope, Size::inches(3, 4), $opening->left);
                $told = fn (Keepsake ...$all): string => implode(' ', array_merge(...array_map(
                    static fn ($each): array => $each->notes,
                    array_values((new Fillings($plan->blueprint, $all, $plan->notation()))->settled()),
                )));
                $this->assertStringContainsString('Two thick pockets', $told($one, $one->goingTo($opening->right)));
                $this->assertSame('', $told($one, $one->with(kind: KeepsakeKind::Card)->goingTo($opening->right)));
                $this->assertStringContainsString('not there any more', $told($one->goingTo('page-99')));

                return;
            }
        }
        $this->fail('no two bare pages face each other');
    }

    /** Sizes of labs: common practice, no published source. */
    public function test_the_order_of_prints(): void
    {
        $inch = Notation::usual(Unit::Inch);
        $print = static fn (float $w, float $h): Keepsake => new Keepsake('p', KeepsakeKind::Print, Size::inches($w, $h));
        $this->assertSame(
            ['4 × 6 in' => 3, '3 × 3 in' => 2, '3 × 4 in' => 1, '5 × 7 in, enlarged' => 1],
            PrintOrder::of(
                $inch,
                $print(4, 6),
                $print(6, 4),
                $print(3, 3),
                $print(3, 3),
                $print(3.5, 5),
                $print(2.5, 3.5),
                $print(7, 5),
                new Keepsake('c', KeepsakeKind::Card, Size::inches(4, 6)),
            ),
        );
        $metric = new Keepsake('p', KeepsakeKind::Print, Size::millimetres(130, 90));
        $this->assertSame(['9 × 13 cm' => 1], PrintOrder::of(Notation::usual(Unit::Centimetre), $metric));
    }

    /** Twelve 3 × 4 cards on a 12 × 12 sheet: each is cut from where it is printed, and slips into its pocket. */
    public function test_cards_are_cut_apart_where_they_are_printed(): void
    {
        $plan = $this->withCards([
            'owl' => ['name' => 'Owl', 'kind' => 'card', 'paper' => 'cards', 'card' => 6, 'home' => $this->pocket()],
            'moth' => ['name' => 'Moth', 'kind' => 'card', 'paper' => 'cards', 'card' => 1],
            'owl-again' => ['name' => 'Owl', 'kind' => 'card', 'paper' => 'cards', 'card' => 6],
        ]);
        $stock = array_values(array_filter($plan->stocks, static fn ($each): bool => $each->stock->name === 'Field cards'))[0];
        $this->assertSame(2, $stock->cuts->sheets(), 'the same card twice wants two sheets');
        $this->assertSame([], $stock->cuts->missing);
        $places = [];
        foreach ($stock->cuts->patterns as $pattern) {
            foreach ($pattern->blanks() as $blank) {
                $places[] = $plan->notation()->bare($blank->area()->left()).' '.$plan->notation()->bare($blank->area()->top());
            }
        }
        sort($places);
        $this->assertSame(['0 0', '3 4', '3 4'], array_values(array_intersect($places, ['0 0', '3 4'])));
        $titles = array_map(static fn ($step): string => $step->title, $plan->steps);
        $this->assertStringContainsString('Slip in the cards', implode('|', $titles));
        $this->assertSame([], $plan->report->of('table'), 'it is put together on the table');
        $this->assertSame('3', $plan->notation()->number($plan->design->keepsakes['moth']->size->width), 'as large as it is printed');
        $file = DesignWriter::ofTheHouse()->toArray($plan->design);
        $this->assertEquals($plan->design->keepsakes, DesignReader::ofTheHouse()->fromArray($file)->keepsakes);
    }

    /** @param array<string, mixed> $said */
    #[TestWith([['kind' => 'stamp'], 'keepsakes.owl.kind'])]
    #[TestWith([['paper' => 'none'], 'keepsakes.owl.paper'])]
    #[TestWith([['paper' => 'cards', 'card' => 13], 'keepsakes.owl.card'])]
    #[TestWith([['width' => '40'], 'keepsakes.owl.width'])]
    public function test_bad_keepsakes_are_refused(array $said, string $place): void
    {
        try {
            $this->withCards(['owl' => $said]);
        } catch (InvalidDesign $error) {
            $this->assertSame([$place], array_keys($error->errors));

            return;
        }
        $this->fail('It was taken.');
    }

    public function test_a_card_that_reaches_beyond_its_sheet_is_refused(): void
    {
        $paper = static fn (string $left): array => ['papers' => ['cards' => ['name' => 'Cards', 'sheet' => '12x12', 'cards' => [
            ['width' => '3', 'height' => '4', 'left' => $left, 'top' => '8'],
        ]]]];
        $this->assertCount(1, $this->design('mitred-tab-album', $paper('9'))->choices->papers['cards']->cards);
        $this->expectException(InvalidDesign::class);
        $this->design('mitred-tab-album', $paper('9 1/16'));
    }

    private function pocket(): string
    {
        $plan = $this->plan('nested-gusset-album');
        foreach ((new Fillings($plan->blueprint, [], $plan->notation()))->homes as $home) {
            if ($home->pouch?->holdsAsItLies(Size::inches(3, 4)) === true && ! $home->isTaken) {
                return $home->key;
            }
        }
        $this->fail('no pocket takes 3 × 4');
    }

    /** @param array<string, mixed> $keepsakes */
    private function withCards(array $keepsakes): WorkPlan
    {
        $cards = [];
        foreach (range(0, 11) as $number) {
            $at = ['left' => (string) (3 * ($number % 4)), 'top' => (string) (4 * intdiv($number, 4))];
            $cards[] = ['width' => '3', 'height' => '4', ...$at];
        }

        return $this->plan('nested-gusset-album', [
            'papers' => ['cards' => [
                'name' => 'Field cards',
                'sheet' => '12x12',
                'weight' => '200',
                'sides' => 'single',
                'direction' => 'a',
                'count' => 3,
                'cards' => $cards,
            ]],
            'keepsakes' => $keepsakes,
        ]);
    }
}

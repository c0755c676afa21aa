<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Bench\PhotoCount;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Magnet;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Designs;
use Tests\Core\Pieces;

/**
 * Sizes handed down among makers for the usual size of each structure: common practice, no published source.
 * A piece is written `how many × size: scores across | scores down`.
 */
final class HandedDownStructuresTest extends TestCase
{
    use Designs;
    use Pieces;

    /** @return iterable<string, array{string, array<string, list<string>>}> */
    public static function structures(): iterable
    {
        yield 'thread-hinge pages' => ['thread-hinge-album', [
            'Page' => ['5 × 12 × 12 in: 6 | 10 10'],
            'Short side strip' => ['5 × ¾ × 2 in: ⅜'],
            'Long side strip' => ['5 × ¾ × 4 in: ⅜'],
            'Cover board' => ['2 × 6½ × 10½ in'],
            // The threads go round the inner one, which is as tall as a page; the outer one hides them.
            'Spine board' => ['1 × 2½ × 10 in'],
            'Loose outer spine board' => ['1 × 2½ × 10½ in'],
            'Inside hinge' => ['2 × 2 × 10 in: 1'],
            'Page anchor' => ['6 × ¾ × 10½ in: ⅜'],
            'Insert' => ['5 × 5¾ × 10 in'],
            'Insert liner' => ['10 × 5⅝ × 9⅞ in'],
        ]];
        yield 'cascade' => ['cascade-album', [
            'Cover strip, left half' => ['1 × 7½ × 4¼ in: 4¼ 5¼'],
            'Cover strip, right half' => ['1 × 7½ × 4¼ in: 2¼ 3¼'],
            'Concertina strip' => ['3 × 12 × 4 in: 4 8'],
            'Page mat' => ['4 × 4 × 4 in', '4 × ¾ × 4 in', '13 × 3½ × 3½ in'],
            'Page mat, second layer' => ['3 × 3¾ × 3¾ in', '4 × ⅝ × 3¾ in', '13 × 3 × 3 in'],
            'Loose band' => ['1 × 12 × 1 in'],
        ]];
        yield 'corner pockets' => ['corner-pocket-album', [
            'Pocket page' => ['4 × 11⅞ × 7½ in: 3½ 7¾ | ¾'],
            'Fold-out page' => ['4 × 12 × 4¼ in: ¾ 7½'],
            'Cover' => ['2 × 7¾ × 4½ in: ¾'],
            'Hole guide' => ['1 × ¾ × 4¼ in'],
        ]];
        yield 'board folder' => ['board-folder', [
            'Cover board' => ['2 × 5⅝ × 8 in'],
            'Spine board' => ['1 × 1½ × 8 in'],
            'Cover mat' => ['2 × 5½ × 7⅞ in'],
            'Page mat' => ['1 × 1⅜ × 7⅞ in'],
            'Spine liner, inside' => ['1 × 1⅜ × 7½ in'],
            'Liner above the pocket' => ['1 × 4⅞ × 2 in'],
            'Waterfall base' => ['1 × 5 × 7½ in'],
            'Piece under the last flap' => ['1 × 5 × 5 in'],
            'Waterfall flap' => ['5 × 4½ × 5½ in: | 5'],
            'Flap' => ['1 × 5½ × 7½ in: ½'],
            'Pocket mat' => ['1 × 5⅜ × 4⅞ in', '1 × 4⅞ × 2⅞ in', '1 × 4⅞ × 2½ in'],
            'Flap mat' => ['2 × 4⅞ × 2½ in', '5 × 4⅜ × 4⅞ in', '1 × 4⅞ × 4½ in', '1 × 4⅞ × 4⅞ in'],
        ]];
        yield 'Z pages' => ['z-page-album', [
            'Half of a Z' => ['6 × 4½ × 8½ in: | 5', '6 × 4½ × 8½ in: | 5'],
            'Pocket piece' => ['3 × 11 × 6½ in: 5½', '3 × 11 × 6½ in: 5½'],
            'Cover board' => ['2 × 6 × 7 in'],
            'Spine board' => ['1 × 1¾ × 7 in'],
            'Spine wrap, outside' => ['1 × 3 × 7 in'],
            'Spine wrap, inside' => ['1 × 3 × 7 in'],
            'Binding unit 1' => ['1 × 1 × 6½ in: ⅜ ⅝'],
            'Binding unit 2' => ['1 × 1½ × 6½ in: ⅜ 1⅛'],
            'Binding unit 3' => ['1 × 2 × 6½ in: ⅜ 1⅝'],
        ]];
        yield 'five pockets' => ['five-pocket-folio', [
            'Base' => ['1 × 8 × 8 in: 4 | 5½'],
            'Front piece' => ['1 × 4 × 8 in: | 5½'],
            'Inner pocket' => ['1 × 4 × 3 in'],
            'Angled pocket' => ['1 × 3 × 8 in: | 4'],
            'Band' => ['1 × 12 × 1 in'],
        ]];
        yield 'coil' => ['coil-album', [
            'Leaf' => ['6 × 8 × 8 in: 4 | 6'],
            'Card leaf' => ['3 × 4 × 6 in'],
            'Vellum leaf' => ['2 × 4 × 6 in'],
            'Cover board' => ['2 × 5¼ × 6½ in'],
            'Spine board' => ['1 × 1½ × 6½ in'],
            'Cover half' => ['2 × 4 × 8 in'],
        ]];
        yield 'tag clutch' => ['tag-clutch', [
            'Strip' => ['1 × 12 × 8 in: 2⅞ 7 11'],
            'L page' => ['1 × 7¾ × 8 in: 3⅞ | 4'],
            'Long pocket' => ['1 × 2¾ × 8 in'],
            'Side-load pocket' => ['1 × 4 × 3⅞ in'],
            'Top-load pocket' => ['1 × 4 × 3⅞ in'],
            'Cover mat' => ['2 × 3¾ × 7¾ in'],
            'Page mat' => ['2 × 3¾ × 7¾ in', '2 × 3½ × 7½ in'],
            'Pocket mat' => ['1 × 2½ × 7½ in', '1 × 3½ × 3¾ in', '1 × 3½ × 3¾ in'],
            'Flap mat' => ['1 × 1½ × 7½ in'],
        ]];
        yield 'four flaps' => ['four-flap-folio', [
            'Base' => ['1 × 12 × 12 in: 1½ 2 10 10¼ | 1½ 2 10 10½'],
            'Square of a fold-out' => ['2 × 8 × 8 in'],
            'Bottom flap' => ['1 × 8 × 8 in'],
            'Square with a tab' => ['2 × 8½ × 8 in: 8'],
            'Top flap' => ['1 × 8 × 4 in'],
            // Ten, told apart by which of their corners are rounded.
            'Page mat' => ['1 × 7¾ × 7¾ in', '2 × 7¾ × 7¾ in', '5 × 7¾ × 7¾ in', '2 × 7¾ × 7¾ in'],
            'Cover mat' => ['1 × 7¾ × 7¾ in', '1 × 7¾ × 7¾ in'],
            'Flap mat' => ['1 × 7¾ × 3¾ in', '1 × 7¾ × 3¾ in'],
        ]];
        yield 'wallet' => ['waterfall-wallet', [
            'Wallet' => ['1 × 6½ × 12 in: | 1½ 5½ 9⅝'],
            'Waterfall flap' => ['4 × 5½ × 3¾ in: 5'],
            'Piece under the last flap' => ['1 × 4¾ × 3¾ in'],
            'Liner above the pocket' => ['1 × 6⅛ × 3 in'],
            'Flap liner' => ['1 × 6¼ × 2¼ in'],
            'Flap mat' => ['8 × 4¾ × 3½ in'],
            'Photo mat in the pocket' => ['1 × 5¾ × 3¾ in'],
        ]];
        yield 'flip book' => ['pocket-flip-book', [
            'Leaf' => ['6 × 6 × 6 in'],
            'Leaf pocket' => ['12 × 6 × 3 in'],
            'Cover mat' => ['2 × 5½ × 8½ in'],
            'Page mat' => ['12 × 5 × 5 in'],
            'Pocket mat' => ['12 × 5 × 2 in'],
        ]];
        yield 'mitred tabs' => ['mitred-tab-album', [
            'Page' => ['6 × 12 × 8 in: 6'],
            'Cover board' => ['2 × 6¼ × 8¼ in'],
        ]];
        yield 'journal' => ['fold-over-journal', [
            'Cover board' => ['2 × 5¾ × 8¾ in'],
            'End paper' => ['2 × 5½ × 8½ in'],
        ]];
    }

    /** @param array<string, list<string>> $expected */
    #[DataProvider('structures')]
    public function test_pieces_of_the_usual_size(string $structure, array $expected): void
    {
        $this->assertPieces($expected, $this->plan($structure));
    }

    /** Only what is said of each: 12 × 12 in five blanks, three sheets that mat the flip book, and the wallet from two. */
    public function test_sheets_that_are_used_up(): void
    {
        $folio = $this->plan('five-pocket-folio');
        $this->assertSame(1, $folio->sheets());
        $this->assertSame([], $folio->stocks[0]->cuts->patterns[0]->offcuts());
        $this->assertSame(3, $this->sheetsFor($this->plan('pocket-flip-book'), 'mat-base'));
        $this->assertSame(2, $this->sheetsFor($this->plan('waterfall-wallet'), 'book-sheet'));
    }

    public function test_a_mini_folio_from_eight_inch_paper(): void
    {
        $plan = $this->plan('five-pocket-folio', ['parameters' => ['sheet' => '8'], 'materials' => ['book-sheet' => ['sheet' => '8x8']]]);
        $base = $plan->blueprint->part('base');
        $this->assertTrue($base->size->width->equals(Length::inches(16)->portion(1, 3)), 'two thirds of 8');
        $this->assertSame(1, $plan->sheets());
        $this->assertSame([], $plan->stocks[0]->cuts->patterns[0]->offcuts());
    }

    /** The panels close: 3½ + 3½ − ¼ = 6¾, an eighth longer than the pocket piece at both ends. */
    public function test_the_z_stands_out_of_its_pocket_at_both_ends(): void
    {
        $flap = $this->plan('z-page-album')->blueprint->get(Flap::class, 'page-1/z-flap');
        // The page is 6½ tall and the flap 5 long, its fold ⅛ below the foot.
        $this->assertSame(['¾', '1⅝'], [$this->number($flap->area->left()), $this->number($flap->area->top())]);
        $this->assertSame('6⅝', $this->number($flap->area->bottom()));
    }

    public function test_faces_and_photos(): void
    {
        $cascade = $this->plan('cascade-album')->blueprint;
        $this->assertCount(
            13,
            array_filter(array_keys($cascade->faces), static fn (string $key): bool => str_starts_with($key, 'concertina-')),
            '2 × (2 × 3 + 1) − 1',
        );
        $this->assertCount(
            14,
            array_filter(
                $this->plan('board-folder')->blueprint->faces,
                static fn (Face $face): bool => str_contains($face->key, 'waterfall-1') || str_ends_with($face->key, '/base')
                    || str_contains($face->key, 'flap-1/pocket') || $face->key === 'spine',
            ),
        );
        $folio = $this->plan('four-flap-folio')->blueprint;
        $this->assertCount(12, array_filter($folio->pages(), static fn (Face $face): bool => $face->size->equals(Size::inches(8, 8))));
        $wallet = $this->plan('waterfall-wallet');
        $this->assertSame(
            9,
            PhotoCount::of(PhotoSize::ThreeByFour, $wallet->blueprint)->total(),
            'both sides of four flaps, and the pocket',
        );
    }

    /** Closed 6½ × 4⅛; an envelope for 5 × 7 cards is about 5¼ × 7¼ inside. ISO 269: C6 is 114 × 162 mm, which is too short for it. */
    public function test_the_wallet_goes_into_its_envelope(): void
    {
        $this->assertNotContains('envelope-too-small', $this->kinds($this->plan('waterfall-wallet')));
        $this->assertContains('envelope-too-small', $this->kinds($this->plan('waterfall-wallet', ['parameters' => ['envelope' => 'c6']])));
        $this->assertContains(
            'too-thick-for-the-post',
            $this->kinds($this->plan('waterfall-wallet', ['parameters' => ['post-limit' => '1/8']])),
        );
    }

    public function test_the_right_side_closes_first(): void
    {
        $plan = $this->plan('four-flap-folio');
        $this->assertSame(
            ['¼', '½', '½', '½'],
            array_map(fn ($gusset): string => $this->number($gusset->width), $plan->blueprint->all(Gusset::class)),
        );
        $keys = array_map(static fn ($step): string => $step->key, $plan->steps);
        $glued = ['glue-top', 'glue-bottom', 'glue-right', 'glue-left', 'close-dry', 'magnets', 'mat-pages'];
        $this->assertSame($glued, array_values(array_intersect($keys, $glued)));
        $this->assertSame(2, $plan->blueprint->all(Magnet::class)[0]->pairs, 'one pair leaves the ends of a wide flap lifted');
        $other = $this->plan(
            'four-flap-folio',
            ['parameters' => ['first' => 'left', 'left-gusset' => '1/4', 'right-gusset' => '1/2']],
        )->blueprint->all(Gusset::class);
        $this->assertSame(
            ['the left gusset', 'the right gusset', 'the bottom gusset', 'the top gusset'],
            array_map(static fn ($gusset): string => $gusset->name, $other),
        );
        $this->assertTrue($other[1]->leaves->isMoreThan($other[0]->leaves), 'under the second side lies the first');
    }

    private function sheetsFor(WorkPlan $plan, string $role): int
    {
        foreach ($plan->stocks as $stock) {
            if (in_array($role, $stock->roles, true)) {
                return $stock->cuts->sheets();
            }
        }

        return 0;
    }

    private function number(Length $length): string
    {
        return Notation::usual(Unit::Inch)->number($length);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Axis;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Check values of the handed-down 5 × 8½ album of four sheets: common practice, no published source. */
final class NestedGussetAlbumTest extends TestCase
{
    use Designs;

    private const KEY = 'nested-gusset-album';

    public function test_blanks_and_scores_of_the_usual_album(): void
    {
        $plan = $this->plan(self::KEY);
        $this->assertSame(['10¼ × 8½ in', '10½ × 8½ in', '10¾ × 8½ in', '11 × 8½ in'], $this->sheets($plan));
        $this->assertSame([['5', '5¼'], ['5', '5½'], ['5', '5¾'], ['5', '6']], $this->scores($plan));
    }

    public function test_faces_in_reading_order(): void
    {
        $pages = $this->plan(self::KEY)->blueprint->pages();
        $this->assertCount(16, $pages);
        $this->assertCount(14, array_filter($pages, static fn ($face): bool => ! $face->isCover()));
        $this->assertSame(['front-cover', 'page-1', 'page-2'], array_slice(array_keys($pages), 0, 3));
        $this->assertSame('back-cover', array_key_last($pages));

        // The outermost sheet is both covers; pages 7 and 8 look at each other inside the innermost one.
        $this->assertSame('sheet-4', $pages['front-cover']->paper->part);
        $this->assertSame('sheet-4', $pages['back-cover']->paper->part);
        foreach (['page-7' => 'left', 'page-8' => 'right'] as $page => $panel) {
            $this->assertSame(
                ['sheet-1', $panel, 'A'],
                [$pages[$page]->paper->part, $pages[$page]->paper->panel, $pages[$page]->paper->side->value],
            );
        }
        $this->assertSame(Edge::Right, $pages['page-7']->hinge);
        $this->assertSame(Edge::Left, $pages['page-8']->hinge);
    }

    public function test_tape_strips_and_what_stays_free_beside_them(): void
    {
        $plan = $this->plan(self::KEY);
        $strips = static fn (string $sheet): int => count(array_filter(
            $plan->blueprint->part($sheet)->glueZones,
            static fn (GlueZone $zone): bool => $zone->adhesive === Adhesive::Tape,
        ));
        $this->assertSame([1, 2, 3, 0], array_map($strips, ['sheet-1', 'sheet-2', 'sheet-3', 'sheet-4']));

        // Up to the scores and never over them.
        foreach ($plan->blueprint->parts as $part) {
            foreach ($part->glueZones as $zone) {
                $panel = $part->panels === [] ? 'whole' : 'gusset';
                $this->assertTrue($part->panel($panel)->area->contains($zone->area));
            }
        }
        $joint = $plan->blueprint->all(Joint::class)[0];
        $this->assertSame('sheet-3', $joint->from->part);
        $this->assertSame('⅛ in', $plan->notation()->text($joint->area->left()));
    }

    public function test_double_mats_on_every_face_are_counted_right(): void
    {
        $plan = $this->plan(self::KEY);
        $mats = $this->quantities($plan, 'mat');
        $this->assertSame(32, array_sum($mats));
        $this->assertSame(['4⅞ × 8⅜ in' => 16, '4⅝ × 8⅛ in' => 16], $mats);
    }

    public function test_pockets_and_cards(): void
    {
        $plan = $this->plan(self::KEY);
        $this->assertSame(['4⅞ × 3⅞ in' => 5, '4⅞ × 2 in' => 5], $this->quantities($plan, 'pocket'));
        $this->assertSame(
            ['3¼ × 4¼ in' => 5, '3 × 4 in' => 5],
            $this->quantities($plan, 'photo mat') + $this->quantities($plan, 'writing'),
        );
        foreach ($plan->blueprint->all(Pouch::class) as $pouch) {
            $this->assertSame(Edge::Top, $pouch->opening);
            $this->assertCount(3, $pouch->glued);
        }
        $this->assertSame('ribbon', strtolower($plan->blueprint->all(Loose::class)[0]->name));
    }

    public function test_sheets_fit_letter_card_one_each(): void
    {
        $card = $this->plan(self::KEY)->stocks[0];
        $this->assertSame(4, $card->cuts->sheets());
        $this->assertSame(4, $card->cuts->lowerBound);
        $this->assertSame([], $card->cuts->missing);
    }

    /** Worked by hand: p = 6, h = 6, three sheets, step ⅜ → 12⅜, 12¾, 13⅛ wide, gussets ⅜, ¾, 1⅛. */
    public function test_another_size_worked_by_hand(): void
    {
        $plan = $this->plan(self::KEY, [
            'parameters' => ['leaf-width' => '6', 'leaf-height' => '6', 'sheets' => 3, 'step' => '3/8', 'tape-width' => '1/4'],
            'mats' => ['school' => 'fine', 'layers' => 1],
            'furniture' => [],
        ]);
        $this->assertSame(['12⅜ × 6 in', '12¾ × 6 in', '13⅛ × 6 in'], $this->sheets($plan));
        $this->assertSame([['6', '6⅜'], ['6', '6¾'], ['6', '7⅛']], $this->scores($plan));
        $this->assertCount(12, $plan->blueprint->pages());
        $this->assertSame(['5¾ × 5¾ in' => 12], $this->quantities($plan, 'mat'));
        // ⌊⅜ ÷ ¼⌋ = 1, ⌊¾ ÷ ¼⌋ = 3
        $this->assertCount(1, $plan->blueprint->part('sheet-1')->glueZones);
        $this->assertCount(3, $plan->blueprint->part('sheet-2')->glueZones);
        $this->assertContains('piece-too-large', $this->kinds($plan));
    }

    /** Page 12.5 × 21 cm on A4 card, step 6 mm: 25.6, 26.2, 26.8, 27.4 wide, all within 29.7. */
    public function test_in_centimetres(): void
    {
        $plan = $this->plan(self::KEY, ['unit' => 'cm']);
        $this->assertSame(['25.6 × 21.0 cm', '26.2 × 21.0 cm', '26.8 × 21.0 cm', '27.4 × 21.0 cm'], $this->sheets($plan));
        $this->assertSame(['12.2 × 20.7 cm' => 16, '11.6 × 20.1 cm' => 16], $this->quantities($plan, 'mat'));
        $this->assertSame(['9.5 × 13.5 cm' => 5], $this->quantities($plan, 'photo mat'));
        $this->assertSame([], array_filter($this->kinds($plan), static fn (string $kind): bool => $kind === 'score-between-grooves'));
    }

    #[TestWith([['sheets' => 1]])]
    #[TestWith([['sheets' => 2]])]
    #[TestWith([['sheets' => 20, 'step' => '1/8', 'tape-width' => '1/8']])]
    #[TestWith([['leaf-width' => '2', 'leaf-height' => '2']])]
    #[TestWith([['leaf-width' => '12', 'leaf-height' => '12']])]
    #[TestWith([['leaf-width' => '5 1/64', 'step' => '0.3']])]
    #[TestWith([['spine-strip' => false, 'ribbon' => false]])]
    /** @param array<string, mixed> $parameters */
    public function test_panels_add_up_whatever_the_size(array $parameters): void
    {
        $plan = $this->plan(self::KEY, ['parameters' => $parameters]);
        $sheets = $plan->design->parameters->count('sheets');
        $this->assertCount(4 * $sheets, $plan->blueprint->pages());
        for ($k = 1; $k <= $sheets; $k++) {
            $part = $plan->blueprint->part("sheet-{$k}");
            $width = array_sum(array_map(static fn ($panel): int => $panel->area->width()->ticks, $part->panels));
            $this->assertSame($part->size->width->ticks, $width);
            $this->assertSame($k * $plan->design->parameters->length('step')->ticks, $part->panel('gusset')->area->width()->ticks);
        }
        $this->assertNotSame([], $plan->steps);
    }

    /** @return list<string> */
    private function sheets(WorkPlan $plan): array
    {
        return array_map(
            static fn (Part $part): string => $plan->notation()->size($part->size),
            $plan->blueprint->sections()['Album sheets'],
        );
    }

    /** @return list<list<string>> */
    private function scores(WorkPlan $plan): array
    {
        return array_map(static fn (Part $part): array => array_map(static function (Crease $crease) use ($plan): string {
            self::assertSame(Axis::Width, $crease->along());

            return $plan->notation()->number($crease->at());
        }, $part->creases), $plan->blueprint->sections()['Album sheets']);
    }

    /** @return array<string, int> how many of each size, of the pieces whose name has a word in it */
    private function quantities(WorkPlan $plan, string $word): array
    {
        $quantities = [];
        foreach ($plan->blueprint->parts as $part) {
            $isPhotoMat = str_contains(strtolower($part->name), 'photo mat');
            if (! str_contains(strtolower($part->name), $word) || ($word === 'mat' && $isPhotoMat)) {
                continue;
            }
            $size = $plan->notation()->size($part->size);
            $quantities[$size] = ($quantities[$size] ?? 0) + $part->quantity;
        }

        return $quantities;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Homeless;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Fit\Severity;
use Ephemeron\Format\DesignReader;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\TestCase;

/** What can be put on a page, at sizes handed down among makers (common practice, no published source) and at others. */
final class FurnitureKindsTest extends TestCase
{
    use Designs;
    use Pieces;

    /** A bare face of 10 × 8, hinged at its left. */
    private const PAGE = ['parameters' => ['page-width' => '10', 'page-height' => '8'], 'mats' => ['layers' => 0]];

    /** @param array<string, mixed> $parameters */
    private function with(string $kind, array $parameters = [], array $children = [], string $unit = 'in', int $layers = 0): WorkPlan
    {
        $page = $unit === 'in' ? self::PAGE : [
            'unit' => 'cm',
            'parameters' => ['page-width' => '25', 'page-height' => '20'],
            'mats' => ['layers' => 0],
        ];

        return $this->plan(
            'mitred-tab-album',
            [
                ...$page,
                'mats' => ['layers' => $layers, 'school' => 'fine'],
                'furniture' => [['on' => 'page-1', 'kind' => $kind, 'parameters' => $parameters, 'children' => $children]],
            ],
        );
    }

    public function test_a_band_across_a_page(): void
    {
        $plan = $this->with('belly-band', ['liners' => 'yes']);
        $this->assertPieces([
            'Belly band' => ['1 × 6 × 9 in: | ½ 8½'],
            'Insert behind the band' => ['1 × 8 × 7¾ in'],
            'Liner strip' => ['2 × 2¼ × 8 in'],
        ], $plan);
        $text = $plan->blueprint->tasks['belly-bands']->text;
        $this->assertStringContainsString('Mark 3 in on the band and 5 in on the page', $text);
    }

    public function test_a_band_the_other_way_in_centimetres(): void
    {
        $this->assertPieces(
            ['Belly band' => ['1 × 27.0 × 12.0 cm: 1.0 26.0'], 'Insert behind the band' => ['1 × 24.4 × 17.0 cm']],
            $this->with('belly-band', ['runs' => 'across'], unit: 'cm'),
        );
    }

    public function test_an_insert_that_is_too_tall_for_its_band(): void
    {
        $plan = $this->with('belly-band', ['insert-size' => '7 7/8']);
        $finding = $plan->report->of('does-not-slide')[0];
        $this->assertStringContainsString('7⅞ in, the band leaves 8 in', $finding->text);
        $this->assertSame(['things.page-1/belly-band-1.parameters.insert-size' => '7 3/4 in'], $finding->mend?->changes);
    }

    public function test_a_waterfall_fills_its_face(): void
    {
        // Run 8 = (4 − 1) × ½ + 6½; ¼ clear on each side of 10; the piece below: 8 − 1½ − ¼.
        $this->assertPieces(
            ['Waterfall flap' => ['4 × 9½ × 7 in: | 6½'], 'Piece under the last flap' => ['1 × 9½ × 6¼ in']],
            $this->with('waterfall'),
        );
        // Upwards and sideways the same, tab at the other end: 10 = 2 × 1 + 8.
        $this->assertPieces(
            ['Waterfall flap' => ['3 × 8½ × 7½ in: ½']],
            $this->with('waterfall', ['flaps' => 3, 'runs' => 'left', 'step' => '1']),
        );
        $plan = $this->with('waterfall', ['strips' => 'yes'], layers: 1);
        $this->assertPieces(['Strip between flaps' => ['3 × 9½ × 7⁄16 in'], 'Flap mat' => ['8 × 9¼ × 6¼ in']], $plan);
        $this->assertCount(
            8,
            array_filter($plan->blueprint->faces, static fn (Face $face): bool => $face->turns),
            'a front and an inside for each flap',
        );
    }

    public function test_a_pull_waterfall(): void
    {
        $plan = $this->with('pull-waterfall');
        $this->assertPieces([
            'Pull waterfall base' => ['1 × 6 × 10½ in: | ½ 1 1½ 2 2½ 3'],
            'Pull waterfall anchor' => ['1 × 7⅛ × 1¼ in: ½ 6⅝'],
            'Closing strip' => ['1 × 8 × 4 in: | ½'],
            'Pull waterfall flap' => ['6 × 6 × 4 in'],
        ], $plan);
        $this->assertSame(
            12,
            count(array_filter($plan->blueprint->faces, static fn (Face $face): bool => str_contains($face->key, 'pull-waterfall'))),
            'twelve photos',
        );
        $keys = array_map(static fn ($step): string => $step->key, $plan->steps);
        $order = ['pull-roll', 'pull-flaps', 'pull-strip', 'pull-anchor', 'pull-magnets'];
        $this->assertSame($order, array_values(array_intersect($keys, $order)));
    }

    public function test_flaps_and_fold_outs(): void
    {
        // Free edges ⅛ inside: 8 − ¼ tall, half of 10 across, ½ tab.
        $plan = $this->with('flap');
        $this->assertPieces(['Flap' => ['1 × 5½ × 7¾ in: ½']], $plan);
        $flap = $plan->blueprint->get(Flap::class, 'page-1/flap-1');
        $this->assertSame(Edge::Right, $flap->hinge, 'away from the spine');
        $this->assertTrue($flap->opened()->left()->equals(Length::inches(10)));
        $this->assertPieces(
            ['Fold-out' => ['1 × 9⅞ × 8¼ in: | 7¾']],
            $this->with('fold-out', ['edge' => 'top', 'breadth' => '9 7/8', 'reach' => '7 3/4']),
        );
        $this->assertPieces(['Flap' => ['1 × 13.5 × 19.4 cm: 1.0']], $this->with('flap', unit: 'cm'));
        // A pair beside each other: (10 − 1⁄16) ÷ 2 down to 1⁄16; one tab at the left, one at the right.
        $this->assertPieces(['Left flap' => ['1 × 5⅜ × 7¾ in: 4⅞'], 'Right flap' => ['1 × 5⅜ × 7¾ in: ½']], $this->with('flap-pair'));
        $this->assertPieces(['Left flap' => ['1 × 6¾ × 8 in: 6¼']], $this->with('flap-pair', ['reach' => '6 1/4', 'breadth' => '8']));
    }

    public function test_a_flap_towards_the_spine_is_said_and_mended(): void
    {
        $plan = $this->with('flap', ['edge' => 'left']);
        $finding = $plan->report->of('flap-catches')[0];
        $this->assertSame(['things.page-1/flap-1.parameters.edge' => 'right'], $finding->mend?->changes);
        $this->assertSame([], $this->with('flap', ['edge' => 'top'])->report->of('flap-catches'));
        $this->assertNotSame([], $this->with('flap', ['reach' => '11'])->report->of('flap-stands-out'));
    }

    public function test_an_expanding_pocket(): void
    {
        // 10 − ⅛ wide, 5 tall, opens to ½: side ½ + ¼ + ¼ + ½; front 5 + ½ + ½; flap half the front and its tab.
        $this->assertPieces([
            'Expanding pocket, front and foot' => ['1 × 9⅞ × 6 in: | 5 5½'],
            'Concertina side' => ['2 × 1½ × 5 in: ½ ¾ 1'],
            'Pocket flap' => ['1 × 9⅞ × 3 in: | 2½'],
        ], $this->with('expanding-pocket', ['flap' => 'yes']));
    }

    public function test_folded_pockets(): void
    {
        $corner = $this->with('corner-pocket');
        $this->assertPieces(['Corner pocket' => ['1 × 4 × 4 in']], $corner);
        $this->assertNull($corner->blueprint->part('page-1/corner-pocket-1')->creases[0]->along(), 'from corner to corner');
        $envelope = $this->with('envelope-pocket', ['width' => '6', 'depth' => '4']);
        $this->assertPieces(['Envelope pocket' => ['1 × 6¾ × 4⅜ in: ⅜ 6⅜ | 4']], $envelope);
        $this->assertCount(2, $envelope->blueprint->part('page-1/envelope-pocket-1')->cutAways);
        $this->assertPieces(
            ['Envelope pocket' => ['1 × 14.0 × 9.0 cm: 1.0 13.0 | 8.0']],
            $this->with('envelope-pocket', ['width' => '12', 'depth' => '8'], unit: 'cm'),
        );
        $angled = $this->with('angled-pocket', ['width' => '6', 'depth' => '4', 'shallow' => '2 1/2']);
        $this->assertTrue($angled->blueprint->part('page-1/angled-pocket-1')->cutAways[0]->bounds()->size()->equals(Size::inches(6, 1.5)));
    }

    public function test_small_things(): void
    {
        // A sleeve 7½ × 4: between the glue 7¼, ¼ play; the card stands out 3⁄16.
        $this->assertPieces(
            ['Sleeve card' => ["1 × 7 × 4\u{2009}3⁄16 in"], 'Pull tab' => ['1 × 1 × 1½ in: | ¾']],
            $this->with('pull-tab-card'),
        );
        $this->assertPieces(['Edge tab' => ['1 × 1 × 1 in: ½']], $this->with('edge-tab'));
        // A tag in a pocket 6 × 4: between the glue 5¾, ¼ less; half an inch taller than the pocket.
        $this->assertPieces(
            ['Tag' => ['1 × 5½ × 4½ in']],
            $this->with('pocket', ['width' => '6', 'depth' => '4', 'up' => '1'], [['kind' => 'tag']]),
        );
        $this->assertPieces(['Tag' => ['1 × 6.0 × 12.0 cm']], $this->with('tag', unit: 'cm'));
        // A frame for 4 × 6: a rim of ⅜ all round, a window ⅛ smaller than the print on each side.
        $frame = $this->with('photo-frame')->blueprint->part('page-1/photo-frame-1');
        $this->assertTrue($frame->size->equals(Size::inches(4.75, 6.75)));
        $this->assertTrue($frame->cutAways[0]->bounds()->size()->equals(Size::inches(3.75, 5.75)));
    }

    public function test_pockets_on_flaps_on_pages(): void
    {
        $plan = $this->plan('mitred-tab-album', [...self::PAGE, 'mats' => ['layers' => 1],
            'furniture' => [['on' => 'page-1', 'kind' => 'fold-out', 'children' => [
            [
                'on' => 'inside',
                'kind' => 'waterfall',
                'children' => [
                    ['on' => 'flap-2', 'kind' => 'pocket', 'children' => [['kind' => 'photo-mat', 'parameters' => ['photo' => '2x3']]]],
                ],
            ],
        ]]]]);
        $thing = $plan->blueprint->get(Thing::class, 'page-1/fold-out-1/waterfall-1/pocket-1');
        $this->assertSame('page-1/fold-out-1/waterfall-1/flap-2/front', $thing->on);
        $this->assertSame('things.page-1/fold-out-1.children.waterfall-1.children.pocket-1', $thing->place);
        $this->assertNotNull($plan->blueprint->find(Thing::class, 'page-1/fold-out-1/waterfall-1/pocket-1/photo-mat-1'));
        $this->assertSame([], $plan->blueprint->all(Homeless::class));
    }

    public function test_a_thing_on_a_face_that_is_not_there_is_kept_and_said(): void
    {
        $plan = $this->with('fold-out', children: [['on' => 'flap-9', 'kind' => 'pocket']]);
        $finding = $plan->report->of('no-such-page')[0];
        $this->assertSame(['things.page-1/fold-out-1.children.pocket-1' => null], $finding->mend?->changes);
        $mended = DesignReader::ofTheHouse()->changed($plan->design, $finding->mend->changes);
        $this->assertSame([], $mended->things->said['page-1/fold-out-1']->children);
    }

    public function test_the_pocket_first_leaves_the_mat_only_what_is_seen(): void
    {
        // A card pocket 3 deep on a face 10 × 8: the mat is 10 − ¼ wide and 5 tall, an eighth of it behind the pocket.
        $plan = $this->with(
            'pocket',
            ['paper' => 'card', 'order' => 'pocket-first', 'width' => '10', 'depth' => '3', 'up' => '0'],
            layers: 1,
        );
        $mat = array_values(array_filter($plan->blueprint->on('page-1'), static fn ($joint): bool => $joint->layer === Layer::Mat))[0];
        $this->assertSame('9¾ × 5 in', $plan->notation()->size($mat->area->size()));
        $this->assertTrue($mat->area->bottom()->equals(Length::inches(5, 1, 8)));
        $this->assertPieces(['Pocket mat' => ['1 × 9¾ × 2¾ in']], $plan);
    }

    public function test_closures_come_before_the_mats_and_bands_after_filling(): void
    {
        $plan = $this->plan('mitred-tab-album', ['furniture' => [
            ['on' => 'front-cover', 'kind' => 'magnets'], ['on' => 'front-cover', 'kind' => 'ribbon-tie'], [
                'on' => 'front-cover',
                'kind' => 'loose-band',
                'parameters' => ['length' => '20'],
            ],
            ['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['card' => '3x4']],
        ]]);
        $keys = array_map(static fn ($step): string => $step->key, $plan->steps);
        $order = ['ribbon-tie', 'magnets', 'mat-covers', 'pockets-top', 'cards-3x4', 'loose-band'];
        $this->assertSame($order, array_values(array_intersect($keys, $order)));
        $this->assertSame(['ribbon tie', 'magnets', 'a loose band'], $plan->blueprint->closings());
        $this->assertSame(Caution::Magnet, $plan->blueprint->tasks['magnets']->caution);
    }

    public function test_every_kind_goes_on_every_sort_of_face(): void
    {
        foreach (Showroom::ofTheHouse()->all() as $kind => $furniture) {
            foreach (['in', 'cm'] as $unit) {
                foreach (['page-1', 'front-cover', 'inside-back'] as $face) {
                    $plan = $this->plan('mitred-tab-album', ['unit' => $unit, 'furniture' => [['on' => $face, 'kind' => $kind]]]);
                    $this->assertNotSame([], $plan->blueprint->thingsOn($face), $kind);
                    $stops = array_filter(
                        $plan->report->findings,
                        static fn ($finding): bool => $finding->severity === Severity::Stop && $finding->kind !== 'band-too-short',
                    );
                    $this->assertSame(
                        [],
                        array_values(array_map(static fn ($finding): string => $finding->text, $stops)),
                        "{$kind} on {$face} in {$unit}",
                    );
                }
            }
            $this->assertNotSame('', $furniture->summary());
        }
    }

    public function test_the_parameters_of_every_kind_take_their_own_defaults(): void
    {
        $owners = [...array_values(Showroom::ofTheHouse()->all()), ...Catalogue::ofTheHouse()->all()];
        foreach ($owners as $owner) {
            foreach ($owner->parameters() as $parameter) {
                foreach (Unit::cases() as $unit) {
                    $default = $parameter->default($unit);
                    $written = $default instanceof Length ? Notation::usual($unit)->exact($default) : $default;
                    $this->assertEquals($default, $parameter->read($written, $unit), $owner::class.", {$parameter->key}");
                }
            }
        }
    }
}

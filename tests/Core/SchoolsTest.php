<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Layer;
use Ephemeron\Design\Decorating;
use Ephemeron\Design\Gluing;
use Ephemeron\Design\MatSchool;
use Ephemeron\Design\PocketOrder;
use Ephemeron\Design\ScoringSchool;
use Ephemeron\Format\InvalidDesign;
use PHPUnit\Framework\TestCase;

/** Where makers differ: each school does something, and the usual one is what each structure had before. */
final class SchoolsTest extends TestCase
{
    use Designs;

    /** @return array<string, int> place in the order of work, by step */
    private function order(string $structure, array $schools): array
    {
        return array_flip(array_map(static fn ($step): string => $step->key, $this->plan($structure, ['schools' => $schools])->steps));
    }

    public function test_first_decorated_or_first_bound(): void
    {
        $usual = $this->order('mitred-tab-album', []);
        $this->assertGreaterThan($usual['mat-pages'], $usual['slip-pages'], 'on fins: decorated flat, bound at the end');
        $bound = $this->order('mitred-tab-album', ['decorating' => 'bind-first']);
        $this->assertLessThan($bound['mat-pages'], $bound['slip-pages']);

        $nested = $this->order('nested-gusset-album', []);
        $this->assertLessThan($nested['mat-pages'], $nested['nest-1'], 'nested: bound first');
        $decorated = $this->order('nested-gusset-album', ['decorating' => 'decorate-first']);
        $this->assertGreaterThan($decorated['mat-pages'], $decorated['nest-1']);
        $this->assertGreaterThan($decorated['ribbon'], $decorated['mat-covers'], 'the ribbon still comes under its mat');
    }

    public function test_glue_or_tape(): void
    {
        $adhesives = fn (array $schools): array => array_unique(
            array_map(static fn ($step): string => $step->adhesive->value, $this->plan('four-flap-folio', ['schools' => $schools])->steps),
        );
        $this->assertContains('tape', $adhesives([]));
        $this->assertNotContains('tape', $adhesives(['gluing' => 'glue']));
        $this->assertNotContains('wet-glue', $adhesives(['gluing' => 'tape']));
        $plan = $this->plan('four-flap-folio', ['schools' => ['gluing' => 'glue']]);
        $lines = $plan->linesOf(array_column($plan->steps, null, 'key')['glue-top']);
        $this->assertStringStartsWith('Glue, 1½ in broad, along the head of E', $lines[0], 'the words follow the school');
        $this->assertContains('You glue throughout: a thin bead where tape is said, and hold it until it sets.', $lines);
    }

    public function test_mat_or_pocket_first_throughout_with_exceptions(): void
    {
        $pocket = ['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['width' => '6', 'depth' => '3', 'up' => '0']];
        $mat = fn (array $file): string => $this->plan('mitred-tab-album', ['mats' => ['layers' => 1], ...$file])->notation()->number(
            array_values(
                array_filter(
                    $this->plan('mitred-tab-album', ['mats' => ['layers' => 1], ...$file])->blueprint->on('page-1'),
                    static fn ($joint): bool => $joint->layer === Layer::Mat,
                ),
            )[0]->area->height(),
        );
        $this->assertSame('7¾', $mat(['furniture' => [$pocket]]));
        $this->assertSame('5', $mat(['furniture' => [$pocket], 'schools' => ['pockets' => 'pocket-first']]));
        $pocket['parameters']['order'] = 'mat-first';
        $this->assertSame('7¾', $mat(['furniture' => [$pocket], 'schools' => ['pockets' => 'pocket-first']]));
    }

    public function test_mats_of_one_picture(): void
    {
        $plan = $this->plan(
            'mitred-tab-album',
            ['mats' => ['faces' => ['page-1' => ['picture' => 'night sky'], 'page-2' => ['picture' => 'night sky']]]],
        );
        $this->assertSame(
            2,
            array_sum(array_map(static fn ($part): int => $part->picture?->name === 'night sky' ? $part->quantity : 0, $plan->blueprint->parts)),
        );
        $spine = $this->plan('fold-over-journal');
        $this->assertStringContainsString('“cover”', $spine->report->of('one-picture')[0]->text);
    }

    public function test_every_school_says_why(): void
    {
        foreach ([
            ...Decorating::cases(),
            ...Gluing::cases(),
            ...PocketOrder::cases(),
            ...ScoringSchool::cases(),
            ...MatSchool::cases(),
        ] as $school) {
            $this->assertNotSame('', $school->label());
            $this->assertNotSame('', $school->why());
        }
        $this->expectException(InvalidDesign::class);
        $this->design('meander-book', ['schools' => ['gluing' => 'staples']]);
    }
}

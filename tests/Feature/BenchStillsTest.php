<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\Lying;
use App\Drawing\SceneStill;
use App\Drawing\TableDrawing;
use Ephemeron\Assembly\Job;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Folding\PosedLeaf;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Folding\ScenePose;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Structure\Catalogue;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use Tests\TestCase;

/** The table as the bench draws it: what is in hand, what lies there before, and after. */
final class BenchStillsTest extends TestCase
{
    public function test_every_step_that_glues_or_folds_a_piece_has_a_still(): void
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $plan = $this->plan($structure);
            foreach ($plan->steps as $step) {
                $drawing = (new TableDrawing($plan))->draw($step);
                $glues = array_filter($step->acts, static fn ($act): bool => $act instanceof \Ephemeron\Blueprint\Act\Glue) !== [];
                $folds = $step->phase === Phase::Fold && $step->picture->kind === 'part'
                    && $plan->blueprint->part($step->picture->of)->creases !== [];
                $this->assertSame($glues || $folds, $drawing !== null, "{$structure}, {$step->key}");
                $this->assertNotFalse($drawing === null || simplexml_load_string($drawing->file()));
            }
        }
    }

    /** Six points on the page of a cut list, where nothing is written smaller; a still is fitted into 110 × 40 mm there. */
    public function test_labels_have_their_room_and_can_be_read_in_print(): void
    {
        $stand = 0;
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $plan = $this->plan($structure);
            foreach ($plan->steps as $step) {
                $drawing = (new TableDrawing($plan))->draw($step);
                if ($drawing === null) {
                    continue;
                }
                $scale = min(110 / $drawing->size()[0], 40 / $drawing->size()[1]);
                $written = $drawing->legible(6 * 25.4 / 72 / $scale)->file();
                preg_match_all('~<text x="([^"]*)"[^>]* font-size="([^"]*)" text-anchor="start"[^>]*>([^<]*)~', $written, $labels, PREG_SET_ORDER);
                $end = 0.0;
                foreach ($labels as [, $x, $size, $label]) {
                    $this->assertGreaterThan($end, (float) $x, "{$structure}, {$step->key}, {$label}");
                    $this->assertLessThan(13 * 25.4 / 72, (float) $size * $scale);
                    // A letter of DejaVu Serif is 0.6 of its size wide in the mean, measured here.
                    $end = (float) $x + 0.6 * (float) $size * mb_strlen($label);
                }
                $this->assertLessThan($drawing->size()[0], $end, "{$structure}, {$step->key}");
                // Rings on one face stand apart, and are as large as their letters.
                foreach (preg_split('~</?g~', $written) ?: [] as $face) {
                    preg_match_all('~<circle cx="([^"]*)" cy="([^"]*)" r="([^"]*)" class="ring~', $face, $rings, PREG_SET_ORDER);
                    foreach ($rings as $index => $ring) {
                        $this->assertLessThan(3.0, (float) $ring[3] * $scale);
                        foreach (array_slice($rings, 0, $index) as $other) {
                            $apart = hypot((float) $ring[1] - (float) $other[1], (float) $ring[2] - (float) $other[2]);
                            $this->assertGreaterThan((float) $ring[3] + (float) $other[3], $apart, "{$structure}, {$step->key}");
                            $stand++;
                        }
                    }
                }
            }
        }
        $this->assertGreaterThan(5, $stand);
    }

    public function test_what_is_glued_on_is_seen_in_motion_at_its_own_place_in_the_scene_of_the_book(): void
    {
        $shown = 0;
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $plan = $this->plan($structure);
            $scenes = new SceneBuilder($plan->blueprint, $plan->notation());
            $steps = $scenes->scene(SceneBuilder::BOOK)->steps ?? [];
            foreach ($plan->blueprint->tasks as $key => $task) {
                $number = $scenes->gluedAt($key);
                if ($number !== null) {
                    $shown++;
                    $step = $steps[$number - 1];
                    $this->assertSame(['glue', $task->title], [$step->kind, $step->text], "{$structure}, {$key}");
                }
            }
            $this->assertNull($scenes->gluedAt('nothing-of-the-kind'));
        }
        $this->assertGreaterThan(30, $shown);
    }

    /** Read from the drawing: leaves in their order, each with its label unless a later one that is a whole rectangle lies over that. */
    public function test_a_label_under_another_leaf_is_not_written(): void
    {
        $hidden = $written = $throughWindows = 0;
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $scenes = $this->plan($structure, isFramed: true)->scenes();
            foreach (array_keys($scenes->names()) as $name) {
                $scene = $scenes->scene((string) $name);
                $this->assertNotNull($scene);
                $pose = ScenePose::of($scene, count($scene->steps), layer: SceneStill::LAYER);
                $heights = array_map(static fn (PosedLeaf $leaf): float => $leaf->height(), $pose->leaves);
                $upwards = $heights;
                sort($upwards);
                $this->assertSame($upwards, $heights, 'from the table up');
                $drawing = new SvgDrawing(0.0, 0.0, 1.0, 1.0, '');
                (new SceneStill($pose))->draw($drawing);
                preg_match_all('~<path d="([^"]*)"[^>]*/>(<text)?~', $drawing->file(), $found, PREG_SET_ORDER);
                $this->assertCount(count($pose->leaves), $found);
                foreach ($pose->leaves as $index => $leaf) {
                    $side = $leaf->looks();
                    $label = $side === null ? '' : $leaf->node->labels[$side->value] ?? '';
                    [$left, $top, $right, $bottom] = $this->box($found[$index][1]);
                    [$x, $y] = [($left + $right) / 2, ($top + $bottom) / 2];
                    $over = array_filter(array_slice($found, $index + 1), function (array $upper) use ($x, $y): bool {
                        [$left, $top, $right, $bottom] = $this->box($upper[1]);

                        return $left <= $x && $x <= $right && $top <= $y && $y <= $bottom;
                    });
                    $whole = array_filter($over, fn (array $upper): bool => $this->isWhole($upper[1]));
                    $isWritten = isset($found[$index][2]);
                    $this->assertSame($label !== '' && $whole === [], $isWritten, "{$structure}, {$name}, {$label}");
                    $hidden += (int) ($label !== '' && ! $isWritten);
                    $written += (int) $isWritten;
                    $throughWindows += (int) ($isWritten && $over !== []);
                }
            }
        }
        $this->assertGreaterThan(20, $hidden);
        $this->assertGreaterThan(20, $written);
        $this->assertGreaterThan(0, $throughWindows);
    }

    /**
     * Read from the drawing, against one that is so narrow that every leaf is drawn: what is left out has one of its kind as near as a
     * two-hundredth of the width above it that is drawn, and one beneath; what is drawn has not.
     */
    public function test_a_stack_is_drawn_by_as_many_edges_as_can_be_told_apart(): void
    {
        $kind = '~<path d="([^"]*)" fill-rule="evenodd" class="([^"]*)"[^>]* fill="([^"]*)" stroke-width="([^"]*)"/>~';
        $leftOut = 0;
        $wides = range(90, 1290, 40);
        foreach (['nested-gusset-album' => 12, 'z-page-album' => null, 'waterfall-wallet' => null] as $structure => $sheets) {
            $plan = $this->plan($structure, parameters: $sheets === null ? [] : ['sheets' => $sheets]);
            foreach (array_keys($plan->scenes()->names()) as $name) {
                $scene = $plan->scenes()->scene((string) $name);
                $this->assertNotNull($scene);
                $pose = ScenePose::of($scene, count($scene->steps), layer: SceneStill::LAYER);
                $new = [$pose->leaves[intdiv(count($pose->leaves), 2)]->node->part->key => true];
                foreach ([0.01, ...$wides] as $wide) {
                    $drawing = new SvgDrawing(0.0, 0.0, (float) $wide, 1.0, '');
                    (new SceneStill($pose, $new))->draw($drawing);
                    preg_match_all($kind, $drawing->file(), $drawn[(string) $wide], PREG_SET_ORDER);
                }
                $all = $drawn['0.01'];
                $this->assertCount(count($pose->leaves), $all);
                foreach (array_map(strval(...), $wides) as $wide) {
                    $near = fn (array $one, array $other): bool => [$one[2], $one[3]] === [$other[2], $other[3]]
                        && $other[4] === '0.3' && $this->isWhole($other[1]) && max(array_map(
                            static fn (float $edge, float $beside): float => abs($edge - $beside),
                            $this->box($one[1]),
                            $this->box($other[1]),
                        )) < (float) $wide / 200;
                    $seen = array_column($drawn[$wide], 1);
                    foreach ($all as $index => $leaf) {
                        $above = array_filter(
                            array_slice($all, $index + 1),
                            static fn (array $higher): bool => in_array($higher[1], $seen, true) && $near($leaf, $higher),
                        );
                        $beneath = array_filter(array_slice($all, 0, $index), static fn (array $lower): bool => $near($leaf, $lower));
                        $isBetween = $leaf[4] === '0.3' && $this->isWhole($leaf[1]) && $above !== [] && $beneath !== [];
                        $this->assertSame(! $isBetween, in_array($leaf[1], $seen, true), "{$structure}, {$name}, {$wide} wide, leaf {$index}");
                        $leftOut += (int) $isBetween;
                    }
                }
            }
        }
        $this->assertGreaterThan(20, $leftOut);
    }

    private function isWhole(string $path): bool
    {
        return preg_match('~^M(\S+) (\S+)L(\S+) (\S+)L(\S+) (\S+)L(\S+) (\S+)Z$~', $path, $at) === 1
            && ([$at[1], $at[2]] === [$at[7], $at[4]] || [$at[1], $at[2]] === [$at[3], $at[8]]);
    }

    /** @return array{float, float, float, float} round a path of straight lines */
    private function box(string $path): array
    {
        preg_match_all('~(-?[\d.]+) (-?[\d.]+)~', explode('Z', $path)[0], $corners);
        [$xs, $ys] = [array_map(floatval(...), $corners[1]), array_map(floatval(...), $corners[2])];
        assert($xs !== [] && $ys !== []);

        return [min($xs), min($ys), max($xs), max($ys)];
    }

    public function test_what_lies_there_before_a_step_and_after(): void
    {
        $plan = $this->plan('nested-gusset-album');
        $still = (string) (new TableDrawing($plan))->draw(array_column($plan->steps, null, 'key')['pockets-top'])?->file();
        $this->assertStringContainsString('J, letter up', $still);
        $this->assertStringContainsString('page 2, before', $still);
        $keys = array_map(static fn (Job $job): string => $job->key, $plan->workings->jobs);
        $done = static fn (string $last): Lying => Lying::after(
            $plan->blueprint,
            array_slice($plan->workings->jobs, 0, 1 + (int) array_search($last, $keys, true)),
        );
        [$first, $second] = array_values(array_filter(
            $plan->blueprint->on('page-1'),
            static fn ($joint): bool => $joint->layer === Layer::Mat
        ));
        $this->assertFalse($done('double-mat-pages')->isThere($second), 'it lies on its first mat, and that is not on the page yet');
        $this->assertSame([true, true], [$done('mat-pages')->isThere($first), $done('mat-pages')->isThere($second)]);
        $pocket = array_values(array_filter(
            $plan->blueprint->on('page-2'),
            static fn ($joint): bool => $joint->layer === Layer::Pocket
        ))[0];
        $this->assertFalse($done('short-on-tall')->isThere($pocket));
        $this->assertTrue($done('pockets-top')->isThere($pocket));
        // The second mat, lit, lies on the first one afterwards.
        $double = (string) (new TableDrawing($plan))->draw(array_column($plan->steps, null, 'key')['double-mat-pages'])?->file();
        $this->assertSame(2, substr_count($double, 'stroke-width="0.9"'), 'in hand and in its place');
        $folder = $this->plan('board-folder');
        $flap = $folder->blueprint->get(Flap::class, 'page-2/flap-1');
        $this->assertFalse(Lying::after($folder->blueprint, [])->hangs($flap));
        $this->assertTrue(Lying::after($folder->blueprint, $folder->workings->jobs)->hangs($flap));
    }

    /** @param array<string, int> $parameters */
    private function plan(string $structure, bool $isFramed = false, array $parameters = []): WorkPlan
    {
        $design = ['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, 'structure' => $structure];
        $design += $parameters === [] ? [] : ['parameters' => $parameters];
        $plan = Workshop::ofTheHouse()->plan(DesignReader::ofTheHouse()->fromArray($design));
        if (! $isFramed) {
            return $plan;
        }
        $design['furniture'] = array_map(
            static fn (string $page): array => ['on' => $page, 'kind' => 'photo-frame'],
            array_keys($plan->blueprint->pages()),
        );

        return Workshop::ofTheHouse()->plan(DesignReader::ofTheHouse()->fromArray($design));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Assembly\Complaint;
use Ephemeron\Assembly\Job;
use Ephemeron\Assembly\Order;
use Ephemeron\Assembly\PouchEdges;
use Ephemeron\Assembly\Table;
use Ephemeron\Assembly\Uprights;
use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Design\Design;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Every book is put together on a table before it is told. Rules of an order of work: common practice, no published source. */
final class AssemblyTest extends TestCase
{
    use AnyDesign;
    use Designs;

    /** @return iterable<string, array{string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            yield $structure => [$structure];
        }
    }

    #[DataProvider('structures')]
    public function test_the_catalogue_comes_together(string $structure): void
    {
        foreach (['in', 'cm'] as $unit) {
            $this->assertSame([], $this->complaints($this->design($structure, ['unit' => $unit])));
        }
    }

    /** 1 020 designs: any parameters, up to six things of any kind, three deep, in all schools. */
    #[DataProvider('structures')]
    public function test_any_design_comes_together(string $structure): void
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            mt_srand($seed);
            $this->assertSame([], $this->complaints($this->buildable($structure), $seed), "seed {$seed}");
        }
    }

    /** What is told later is done first: the table must see that the place is covered, the flap not there, the holes missing. */
    #[TestWith(['nested-gusset-album', 'ribbon', 'mat-covers', 3])]
    #[TestWith(['nested-gusset-album', 'notch-page-2/pocket-1', 'pockets-top', 5])]
    #[TestWith(['board-folder', 'hinge-flaps', 'magnets', 4])]
    #[TestWith(['board-folder', 'pocket-flaps', 'expanding-pockets', 2])]
    #[TestWith(['board-folder', 'magnets', 'mat-flaps', 3])]
    #[TestWith(['corner-pocket-album', 'punch-holes', 'strap', 5])]
    #[TestWith(['coil-album', 'punch', 'coil', 5])]
    #[TestWith(['five-pocket-folio', 'glue-angled', 'glue-fold-up', 2])]
    #[TestWith(['fold-over-journal', 'let-in-magnets', 'cover-boards', 3])]
    #[TestWith(['thread-hinge-album', 'turn-up-pockets', 'inserts', 0])]
    #[TestWith(['tag-clutch', 'mat-pages', 'close-l', 2])]
    public function test_two_steps_that_change_places_are_caught(string $structure, string $first, string $then, int $rule): void
    {
        [$blueprint, $jobs] = $this->order($this->design($structure));
        $keys = array_map(static fn (Job $job): string => $job->key, $jobs);
        [$one, $other] = [(int) array_search($first, $keys, true), (int) array_search($then, $keys, true)];
        $this->assertLessThan($other, $one, "{$first} comes before {$then}");
        $moved = $jobs[$one];
        array_splice($jobs, $other, 1, [$jobs[$other], $moved]);
        array_splice($jobs, $one, 1);
        $rules = array_map(static fn (Complaint $complaint): int => $complaint->rule, Table::rehearse($blueprint, $jobs));
        $rule === 0 ? $this->assertSame(
            [],
            $rules,
            'a card may go in before the other pocket is shut',
        ) : $this->assertContains($rule, $rules);
    }

    #[DataProvider('structures')]
    public function test_a_joint_that_is_dropped_and_a_piece_that_is_left_out_are_caught(string $structure): void
    {
        [$blueprint, $jobs] = $this->order($this->design($structure));
        foreach ($jobs as $index => $job) {
            $glued = array_filter($job->acts, static fn (Act $act): bool => $act instanceof Glue);
            if ($glued === []) {
                continue;
            }
            $without = $jobs;
            $without[$index] = $job->part(
                $job->key,
                array_values(array_diff_key($job->acts, [array_key_first($glued) => true])),
                [],
                false,
            );
            $this->assertContains(1, $this->rules($blueprint, $without), $job->key);
            $twice = $jobs;
            $twice[] = $job->part("{$job->key}-again", [$glued[array_key_first($glued)]], [], false);
            $this->assertContains(1, $this->rules($blueprint, $twice), "{$job->key} twice");
        }
        $last = (string) array_key_last($blueprint->parts);
        $left = array_map(static fn (Job $job): Job => $job->part(
            $job->key,
            array_values(array_filter($job->acts, static fn (Act $act): bool => ! in_array($last, $act->parts(), true))),
            [],
            false,
        ), $jobs);
        $this->assertContains(1, $this->rules($blueprint, $left), "without {$last}");
    }

    /** A pocket turned round opens at its fold, or is glued where it opens, or its fold is glued. */
    #[DataProvider('structures')]
    public function test_a_pouch_that_is_turned_round_is_caught(string $structure): void
    {
        $blueprint = Workshop::ofTheHouse()->blueprint($this->design($structure));
        $edges = new PouchEdges($blueprint);
        foreach ($blueprint->all(Pouch::class) as $pouch) {
            $this->assertSame([], $edges->problems($pouch));
            foreach ($edges->folds($pouch) as $fold) {
                $turned = new Pouch(
                    $pouch->key,
                    $pouch->name,
                    $pouch->face,
                    $pouch->size,
                    $pouch->glued,
                    $fold,
                    $pouch->reach,
                    front: $pouch->front,
                    behind: $pouch->behind,
                );
                $this->assertNotSame([], $edges->problems($turned), "{$pouch->key} opens at its fold");
                $glued = new Pouch(
                    $pouch->key,
                    $pouch->name,
                    $pouch->face,
                    $pouch->size,
                    [$fold],
                    $pouch->opening,
                    $pouch->reach,
                    front: $pouch->front,
                    behind: $pouch->behind,
                );
                $this->assertNotSame([], $edges->problems($glued), "{$pouch->key} is glued at its fold");
            }
        }
        $this->addToAssertionCount(1);
    }

    /**
     * Something glued right up to the mouth leaves it free; one mark over it, and the card can not slide in.
     *
     * @param list<int> $rules
     */
    #[TestWith([0, []])]
    #[TestWith([1, [6]])]
    public function test_a_mouth_that_is_covered_before_the_card_is_in_is_caught(int $over, array $rules): void
    {
        [$blueprint, $jobs] = $this->order($this->design('nested-gusset-album'));
        $joints = array_filter($blueprint->all(Joint::class), static fn (Joint $joint): bool => $joint->pouch === 'page-2/pocket-1');
        $pocket = array_values($joints)[0];
        $band = new Size($pocket->area->width(), Length::inches(1)->plus(Length::ofTicks($over)));
        $area = Rectangle::at($pocket->area->left(), $pocket->area->top()->minus(Length::inches(1)), $band);
        $joint = new Joint($pocket->from, $pocket->onto, $area, Adhesive::WetGlue, Layer::Pocket, 'band', 'page-2', depth: Depth::Upon);
        $keys = array_map(static fn (Job $job): string => $job->key, $jobs);
        array_splice($jobs, (int) array_search('cards-3x4', $keys, true), 0, [new Job('band', Phase::Pocket, [new Glue($joint)])]);
        $this->assertSame($rules, $this->rules($blueprint, $jobs));
    }

    /** Read by someone with nothing but the words: no word of ours, no number without what it counts. */
    #[DataProvider('structures')]
    public function test_the_words_can_be_followed(string $structure): void
    {
        $designs = [$this->design($structure), $this->design($structure, ['unit' => 'cm'])];
        for ($seed = 61; $seed <= 66; $seed++) {
            mt_srand($seed);
            $designs[] = $this->buildable($structure);
        }
        foreach ($designs as $design) {
            $plan = Workshop::ofTheHouse()->plan($design);
            foreach ($plan->steps as $step) {
                $lines = $plan->linesOf($step);
                $said = implode(' ', [$step->title, $step->text, ...$lines]);
                $this->assertDoesNotMatchRegularExpression(
                    '/as drawn|side [AB]\b|furniture|meant for|page-\d|\bc\d r\d|\bin in\b|\bthe the\b|'
                        .'\b1 (holes|strips|pieces|sheets|scores)\b/',
                    $said,
                    $step->key,
                );
                $this->assertMatchesRegularExpression('/^[A-Z0-9“].*[^.]$/u', $step->title, $step->key);
                $this->assertTrue($step->text !== '' || $lines !== [], "{$step->key} says something");
                $this->assertNotContains('', $lines);
            }
        }
    }

    /** @return list<string> */
    private function complaints(Design $design, int $seed = 0): array
    {
        [$blueprint, $jobs] = $this->order($design);
        // The folding of every piece is found for it: of each fourth is enough.
        $scenes = $seed % 4 === 0 ? new SceneBuilder($blueprint, $design->notation()) : null;

        return array_map(
            static fn (Complaint $complaint): string => "{$complaint->rule} {$complaint->job}: {$complaint->sentence}",
            [...Table::rehearse($blueprint, $jobs), ...($scenes === null ? [] : (new Uprights($scenes))->lookAt($blueprint->faces))],
        );
    }

    /** @return array{Blueprint, list<Job>} */
    private function order(Design $design): array
    {
        $blueprint = Workshop::ofTheHouse()->blueprint($design);

        return [$blueprint, (new Order($blueprint, $design->schools))->jobs()];
    }

    /**
     * @param list<Job> $jobs
     * @return list<int>
     */
    private function rules(Blueprint $blueprint, array $jobs): array
    {
        return array_map(static fn (Complaint $complaint): int => $complaint->rule, Table::rehearse($blueprint, $jobs));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Scoring\ScoreGroups;
use Ephemeron\Scoring\ScoresByHand;
use Ephemeron\Structure\Catalogue;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Scores for which a groove from edge to edge is not enough. */
final class ScoresByHandTest extends TestCase
{
    use Designs;

    public function test_a_slanted_score_is_told_by_its_ends(): void
    {
        $plan = $this->base('8', '6', 'valley: 6 × 0 to 8 × 2');
        $this->assertSame(
            ['By hand, along a ruler, valley: from 6 in from the left, 0 in from the top, to 8 in from the left, 2 in from the top.'],
            $this->sentences($plan),
        );
        $this->assertSame('by hand', (new ScoreGroups)->inShort($plan->scores['base'], $plan->notation()));
        $this->assertSame('No groove serves: score it along a ruler.', $plan->scores['base']->sentence($plan->notation()));
        $this->assertSame(
            '3, turn, 3, by hand',
            (new ScoreGroups)->inShort($this->base('3 + 2 + 3', '6', 'valley: 6 × 0 to 8 × 2')->scores['base'], $plan->notation()),
        );
    }

    #[TestWith(['mountain: 3 × 0 to 3 × 2', 'The score at 3 in from the left stops: only from 0 in to 2 in from the top.'])]
    #[TestWith(['valley: 1 × 4 to 5 × 4', 'The score at 4 in from the top stops: only from 1 in to 5 in from the left.'])]
    #[TestWith(["valley: 3 × 0 to 3 × 2\nvalley: 3 × 4 to 3 × 6",
        'The score at 3 in from the left stops: only from 0 in to 2 in from the top.'])]
    public function test_a_score_that_stops_is_told_where(string $lines, string $sentence): void
    {
        $this->assertContains($sentence, $this->sentences($this->base('8', '6', $lines)));
    }

    #[TestWith(["valley: 3 × 0 to 3 × 2\nslit: 4 × 2 to 4 × 6"])]
    #[TestWith(["valley: 3 × 0 to 3 × 2\ncut away: 0 × 2 to 2 × 2 to 2 × 6 to 0 × 6"])]
    #[TestWith(["valley: 3 × 0 to 3 × 2\ncut away: 4 × 2 to 6 × 2 to 6 × 6 to 4 × 6"])]
    #[TestWith(["valley: 3 × 0 to 3 × 2\nslit: 2 × 3 to 8 × 3"])]
    public function test_what_lies_elsewhere_does_not_go_on_with_it(string $lines): void
    {
        $this->assertSame(
            ['The score at 3 in from the left stops: only from 0 in to 2 in from the top.'],
            $this->sentences($this->base('8', '6', $lines)),
        );
    }

    #[TestWith(["valley: 3 × 0 to 3 × 2\ncut away: 3 × 2 to 5 × 2 to 5 × 6 to 3 × 6"])]
    #[TestWith(["valley: 3 × 0 to 3 × 2\ncut away: 1 × 2 to 3 × 2 to 3 × 6 to 1 × 6"])]
    #[TestWith(["valley: 3 × 0 to 3 × 2\nmountain: 3 × 2 to 3 × 6"])]
    #[TestWith(["valley: 3 × 0 to 3 × 2\nslit: 3 × 2 to 3 × 6"])]
    #[TestWith(["valley: 3 × 0 to 3 × 2\ncut away: 2 × 2 to 4 × 2 to 4 × 6 to 2 × 6"])]
    public function test_where_something_else_goes_on_the_groove_is_followed_to_the_edge(string $lines): void
    {
        $this->assertSame([], $this->sentences($this->base('8', '6', $lines)));
    }

    public function test_of_the_structures_only_two_have_a_slanted_score(): void
    {
        $found = [];
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $plan = $this->plan($structure);
            foreach ($plan->blueprint->parts as $part) {
                if ((new ScoresByHand($part, $plan->notation()))->sentences() !== []) {
                    $found[] = "{$structure}, {$part->key}";
                }
            }
        }
        $this->assertSame(['corner-pocket-album, page', 'five-pocket-folio, angled'], $found);
    }

    public function test_pieces_with_other_slants_are_not_scored_alike(): void
    {
        $base = $this->base('4 + 4', '6', 'valley: 6 × 0 to 8 × 2');
        $other = $this->base('4 + 4', '6', 'valley: 7 × 0 to 8 × 1');
        $this->assertCount(2, (new ScoreGroups)->of(['one' => $base->scores['base'], 'other' => $other->scores['base']]));
        $this->assertCount(1, (new ScoreGroups)->of(['one' => $base->scores['base'], 'other' => $base->scores['base']]));
    }

    private function base(string $columns, string $rows, string $lines): WorkPlan
    {
        return $this->plan('free-base', ['parameters' => ['columns' => $columns, 'rows' => $rows, 'cut-away' => '', 'lines' => $lines]]);
    }

    /** @return list<string> */
    private function sentences(WorkPlan $plan): array
    {
        return (new ScoresByHand($plan->blueprint->part('base'), $plan->notation()))->sentences();
    }
}

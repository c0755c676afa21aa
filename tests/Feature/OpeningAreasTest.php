<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\FacePlaces;
use App\Drawing\OpeningArea;
use App\Drawing\OpeningAreas;
use App\Drawing\SpreadDrawing;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Format\DesignReader;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What is seen of an opening that lies on the table, against where the drawing on the screen has it. */
final class OpeningAreasTest extends TestCase
{
    #[TestWith(['nested-gusset-album'])]
    #[TestWith(['meander-book'])]
    public function test_everything_that_is_not_turned_away_lies_where_the_screen_has_it(string $structure): void
    {
        $plan = $this->plan($structure);
        $blueprint = $plan->blueprint;
        $things = 0;
        foreach ((new SpreadDrawing($plan->layout))->openings() as $opening) {
            $seen = new OpeningAreas($blueprint, $opening);
            $places = (new FacePlaces($blueprint, $opening, []))->places;
            $this->assertTrue($seen->size->equals((new FacePlaces($blueprint, $opening, [], false))->bounds()->size()));
            $expected = [];
            foreach ($places as $key => $place) {
                if ($this->isTurnedAway($plan, $blueprint->face($key))) {
                    continue;
                }
                foreach ($blueprint->on($key) as $joint) {
                    $joint->layer === Layer::Flap ?: $expected[] = $this->told($joint->from->part, $joint->area->movedBy($place->corner()));
                }
                $isOfItsOwn = in_array($blueprint->face($key), $opening, true) || $this->flapOf($plan, $key) !== null;
                $isOfItsOwn ? $expected[] = $this->told($blueprint->face($key)->paper->part, $place) : null;
            }
            $found = array_map(fn (OpeningArea $area): string => $this->told(
                $area->place instanceof Joint ? $area->place->from->part : $area->place->paper->part,
                $area->area,
            ), $seen->areas);
            $things += count($found) - count($opening);
            sort($expected);
            sort($found);
            $this->assertSame($expected, $found, implode(' and ', array_column($opening, 'key')));
        }
        $this->assertGreaterThan(5, $things);
    }

    private function plan(string $structure): WorkPlan
    {
        $mat = ['kind' => 'photo-mat', 'parameters' => ['photo' => '2x3']];
        $design = app(DesignReader::class)->fromArray(['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, 'structure' => $structure, 'name' => 'Seen', 'furniture' => [
            ['on' => 'page-1', 'kind' => 'photo-mat'],
            ['on' => 'page-2', 'kind' => 'pocket', 'children' => [['on' => 'front', ...$mat]]],
            ['on' => 'page-3', 'kind' => 'flap', 'parameters' => ['reach' => '2'], 'children' => [
                ['on' => 'front', 'kind' => 'tuck-spot'], ['on' => 'inside', 'kind' => 'tuck-spot'],
            ]],
            ['on' => 'page-4', 'kind' => 'flap', 'parameters' => ['reach' => '2', 'edge' => 'right']],
        ]]);

        return app(Workshop::class)->plan($design);
    }

    /** Inside of a flap that lies shut, or on such a side. */
    private function isTurnedAway(WorkPlan $plan, Face $face): bool
    {
        if ($face->parent === null) {
            return false;
        }

        return ($face->turns && $this->flapOf($plan, $face->key) === null)
            || $this->isTurnedAway($plan, $plan->blueprint->face($face->parent));
    }

    /** Of which this is the front. */
    private function flapOf(WorkPlan $plan, string $key): ?Flap
    {
        $parent = $plan->blueprint->face($key)->parent;
        $flaps = $parent === null ? [] : $plan->blueprint->flapsOn($parent);

        return array_values(array_filter($flaps, static fn (Flap $flap): bool => $flap->front === $key))[0] ?? null;
    }

    private function told(string $part, Rectangle $area): string
    {
        return "{$part} {$area->left()->ticks} {$area->top()->ticks} {$area->width()->ticks} {$area->height()->ticks}";
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\FoldingMarkup;
use App\Drawing\PageMapDrawing;
use App\Drawing\Prints;
use App\Drawing\ProfileDrawing;
use App\Drawing\SheetInHand;
use App\Drawing\TurningMarkup;
use App\Planning\InHand;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Folding\PageMap;
use Ephemeron\Folding\PageTurns;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Folding\SceneNode;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Drawings and scenes of every structure are sound, in inches and centimetres. */
final class FoldDrawingsTest extends TestCase
{
    use RefreshDatabase;

    #[TestWith([Unit::Inch])]
    #[TestWith([Unit::Centimetre])]
    public function test_scenes_are_sound_markup_with_a_panel_for_every_part_of_the_sheet(Unit $unit): void
    {
        foreach (app(Catalogue::class)->keys() as $structure) {
            $plan = app(\App\Planning\Plans::class)->plan($this->book($structure, $unit));
            // In the order in which hands glue: a carrier may be glued after what it carries.
            $builder = $plan->scenes();
            foreach (array_keys($builder->names()) as $key) {
                $scene = $builder->scene((string) $key);
                $this->assertNotNull($scene);
                $markup = (string) (new FoldingMarkup($scene, Prints::of($plan)))->html();
                $xml = simplexml_load_string(str_replace('<br>', '<br/>', $markup));
                $this->assertNotFalse($xml, "{$structure}, {$key}");
                // What is joined is away until its step; of the others nothing is folded.
                $leaves = $xml->xpath('//div[starts-with(@class, "leaf")]') ?: [];
                $from = array_map(static fn (\SimpleXMLElement $leaf): int => (int) $leaf['data-from'], $leaves);
                $this->assertSame($this->joinedIn($scene->root), $from, "{$structure}, {$key}");
                $away = array_filter($leaves, static fn (\SimpleXMLElement $leaf): bool => (string) $leaf['class'] === 'leaf is-away');
                $this->assertCount(count(array_filter($from)), $away);
                $this->assertDoesNotMatchRegularExpression('/NAN|INF|E[+-]\d/', $markup);
                foreach ($scene->steps as $step) {
                    $this->assertSame($step->kind === 'fold', str_contains($markup, "--s{$step->number}:0;"));
                }
            }
        }
    }

    public function test_leaves_turn_in_reading_order_where_a_book_has_a_spine_to_turn_about(): void
    {
        $turning = [];
        foreach (app(Catalogue::class)->keys() as $structure) {
            $plan = app(\App\Planning\Plans::class)->plan($this->book($structure, Unit::Inch));
            $turns = PageTurns::of($plan->blueprint);
            if ($turns === null) {
                continue;
            }
            $turning[] = $structure;
            $pages = array_keys($plan->blueprint->pages());
            $this->assertSame(
                $pages,
                array_map(static fn ($face): string => $face->key, array_values(array_filter(array_merge(...$turns->leaves)))),
                $structure,
            );
            $this->assertSame(range(1, (int) ceil(count($pages) / 2)), array_map(static fn ($step): int => $step->number, $turns->steps()));
            $xml = simplexml_load_string((string) (new TurningMarkup($plan, $turns))->html());
            $this->assertNotFalse($xml, $structure);
            $this->assertCount(
                count($turns->leaves),
                $xml->xpath('//div[contains(@class, "turning") and contains(@class, "hang")]') ?: [],
                $structure,
            );
            $this->assertCount(count($pages), $xml->xpath('//i[contains(@class, "turned-page")]') ?: [], $structure);
        }
        // The folio with four flaps, the cascade, the folder and the free base open in other ways.
        $this->assertSame([], array_intersect($turning, ['four-flap-folio', 'cascade-album', 'board-folder', 'free-base']));
        $this->assertCount(13, $turning);
    }

    #[TestWith([Unit::Inch])]
    #[TestWith([Unit::Centimetre])]
    public function test_maps_and_profiles_are_sound_drawings(Unit $unit): void
    {
        foreach (app(Catalogue::class)->keys() as $structure) {
            $plan = app(\App\Planning\Plans::class)->plan($this->book($structure, $unit));
            $drawing = new PageMapDrawing(PageMap::of($plan->blueprint, $plan->design->materials), $plan->notation());
            foreach ($plan->blueprint->parts as $part) {
                if ($drawing->shows($part)) {
                    $this->assertNotFalse(simplexml_load_string($drawing->draw($part)->file()), "{$structure}, {$part->name}");
                }
            }
            $this->assertNotFalse(
                simplexml_load_string((new ProfileDrawing($plan->notation()))->draw($plan->workings->profile)->file()),
                $structure,
            );
        }
    }

    public function test_pages_of_the_meander_are_numbered_as_the_reader_will_see_them(): void
    {
        $plan = app(\App\Planning\Plans::class)->plan($this->book('meander-book', Unit::Inch));
        $svg = (new PageMapDrawing(
            PageMap::of($plan->blueprint, $plan->design->materials),
            $plan->notation(),
        ))->draw($plan->blueprint->part('book-sheet'))->file();
        $this->assertSame([8, 8], [preg_match_all('/rotate\(180 /', $svg), preg_match_all('/rotate\(0 /', $svg)]);
        // Handbook 6.6: seven leaves, each with one opening.
        $this->assertSame(7, substr_count($svg, 'class="opening"'));
    }

    public function test_a_window_is_open_and_a_corner_is_off_on_both_sides(): void
    {
        $lines = "cut away: 1 × 1 to 3 × 1 to 3 × 3 to 1 × 3\ncut away: 8 × 0 to 8 × 2 to 6 × 0";
        $project = app(ProjectEditor::class)->create(
            [
                'structure' => 'free-base',
                'unit' => 'in',
                'parameters' => ['columns' => '4 + 4', 'rows' => '6', 'cut-away' => '', 'lines' => $lines],
            ],
        );
        $plan = app(\App\Planning\Plans::class)->plan($project);
        $scene = (new SceneBuilder($plan->blueprint, $plan->notation()))->scene('base');
        $this->assertNotNull($scene);
        preg_match_all('/clip-path:polygon\(evenodd,([^)]+)\)/', (string) (new FoldingMarkup($scene))->html(), $clips);
        $this->assertCount(4, $clips[1], 'two panels, two sides each');
        $corners = array_map(static fn (string $clip): int => count(explode(',', $clip)), $clips[1]);
        sort($corners);
        // The panel without its corner has five corners and is closed once more; the one with the window four, the window four, and a way
        // there and back.
        $this->assertSame([7, 7, 12, 12], $corners);
        $this->assertStringContainsString('>Base 1-1<', str_replace('<br>', '>', (string) (new FoldingMarkup($scene))->html()));
    }

    public function test_a_corner_that_is_folded_in_is_a_triangle_and_not_the_square_round_it(): void
    {
        $project = app(ProjectEditor::class)->create(
            [
                'structure' => 'free-base',
                'unit' => 'in',
                'parameters' => ['columns' => '8', 'rows' => '6', 'cut-away' => '', 'lines' => 'valley: 6 × 0 to 8 × 2'],
            ],
        );
        $plan = app(\App\Planning\Plans::class)->plan($project);
        $scene = (new SceneBuilder($plan->blueprint, $plan->notation()))->scene('base');
        $this->assertNotNull($scene);
        preg_match_all('/clip-path:polygon\(evenodd,([^)]+)\)/', (string) (new FoldingMarkup($scene))->html(), $clips);
        $corners = array_map(static fn (string $clip): int => count(explode(',', $clip)), $clips[1]);
        sort($corners);
        $this->assertSame(
            [5, 5, 7, 7],
            $corners,
            'the triangle and the rest of the sheet, front and back, each closed and back at its beginning',
        );
    }

    #[TestWith(['3', 1.0])]
    #[TestWith(['11', 2.54])]
    public function test_letters_beside_the_cut_across_grow_with_the_book(string $width, float $factor): void
    {
        $project = app(ProjectEditor::class)->create(
            [
                'structure' => 'free-base',
                'unit' => 'in',
                'parameters' => ['columns' => $width, 'rows' => '3', 'cut-away' => '', 'pieces' => 'Flap: 2 × 2; on Base 1-1 front'],
            ],
        );
        $plan = app(\App\Planning\Plans::class)->plan($project);
        $svg = (new ProfileDrawing($plan->notation()))->draw($plan->workings->profile)->file();
        preg_match('/font-size="([0-9.]+)"[^>]*>spine</', $svg, $found);
        $this->assertEqualsWithDelta(4.2 * $factor, (float) ($found[1] ?? 0), 0.02, $svg);
    }

    public function test_the_sheet_in_hand_is_drawn_at_every_cut(): void
    {
        $project = $this->book('nested-gusset-album', Unit::Inch);
        $plan = app(\App\Planning\Plans::class)->plan($project);
        foreach ($plan->steps as $step) {
            if ($plan->patternOf($step) === null) {
                continue;
            }
            for ($done = 0; $done <= count($step->places); $done++) {
                $hand = InHand::of($plan, new Progress($project->load('ticks'), $plan), $step->key);
                if ($hand === null || $hand->step->key !== $step->key) {
                    break;
                }
                $svg = (new SheetInHand)->draw($hand, $plan->notation(), null)->file();
                $this->assertNotFalse(simplexml_load_string($svg));
                $this->assertSame($done < count($step->places), str_contains($svg, 'class="held'), "{$step->key}, {$done}");
                $project->ticks()->firstOrCreate(['key' => "{$step->key}#{$done}"]);
            }
        }
    }

    /**
     * @param int $step in which what it hangs on is glued
     * @return list<int> of every panel of a scene, in the order of the markup; 0 for what is there from the beginning
     */
    private function joinedIn(SceneNode $node, int $step = 0): array
    {
        $step = $node->glued === null ? $step : $node->joined();

        return [$step, ...array_merge(...array_map(fn (SceneNode $child): array => $this->joinedIn($child, $step), $node->children))];
    }

    private function book(string $structure, Unit $unit): \App\Models\Project
    {
        return app(ProjectEditor::class)->create(['structure' => $structure, 'unit' => $unit->value]);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Blueprint\Part;
use Ephemeron\Folding\CreasePattern;
use Ephemeron\Folding\FlatFoldability;
use Ephemeron\Folding\FoldedSheet;
use Ephemeron\Folding\Folder;
use Ephemeron\Folding\Hinge;
use Ephemeron\Format\FoldWriter;
use Ephemeron\Measure\Length;
use Ephemeron\Structure\Catalogue;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\Designs;

/** Crease patterns we write are read by fold and rabbit-ear (npm), independent implementations of the format and of flat folding. */
final class FoldTest extends TestCase
{
    use Designs;

    /** @var list<array{string, Part, FoldedSheet, array<string, mixed>, array<string, mixed>}>|null */
    private static ?array $read = null;

    public function test_both_find_the_vertices_edges_and_panels_we_meant(): void
    {
        foreach ($this->patterns() as [$name, , $folded, $fold, $read]) {
            $pattern = $folded->pattern;
            $this->assertSame(
                [count($pattern->vertices), count($pattern->edges), count($pattern->faces)],
                [$read['vertices'], $read['edges'], $read['faces']],
                $name,
            );
            $this->assertSame(count($pattern->faces), $read['facesFound'], "{$name}: panels found from the edges alone");
            $this->assertSame([count($pattern->edges), count($pattern->faces)], [$read['earEdges'], $read['earFaces']], $name);
            $assigned = array_count_values(array_map(static fn ($edge): string => $edge->assignment->value, $pattern->edges));
            ksort($assigned);
            $theirs = array_filter($read['assignments']);
            ksort($theirs);
            $this->assertSame($assigned, $theirs, $name);
        }
    }

    public function test_folded_coordinates_are_those_of_the_library(): void
    {
        $compared = 0;
        foreach ($this->patterns() as [$name, $part, $folded, , $read]) {
            if (array_filter($folded->hinges, static fn (Hinge $hinge): bool => $hinge->quarters !== 2) !== []) {
                continue;
            }
            $this->assertIsArray($read['folded'], "{$name}: ".json_encode($read['folded']));
            $compared++;
            foreach (array_keys($folded->pattern->faces) as $face) {
                $ours = array_map(function (array $corner) use ($folded, $face, $part): array {
                    [$x, $y] = $folded->places[$face]->apply($corner[0], $corner[1]);

                    return [
                        round($x / Length::TICKS_PER_MILLIMETRE, 3),
                        round(($part->size->height->ticks - $y) / Length::TICKS_PER_MILLIMETRE, 3),
                    ];
                }, array_reverse($folded->pattern->outline($face)));
                foreach ($ours as $k => [$x, $y]) {
                    $this->assertEqualsWithDelta(
                        $x,
                        $read['folded'][$face][$k][0],
                        0.002,
                        "{$name}, panel {$folded->pattern->faces[$face]->panel}",
                    );
                    $this->assertEqualsWithDelta(
                        $y,
                        $read['folded'][$face][$k][1],
                        0.002,
                        "{$name}, panel {$folded->pattern->faces[$face]->panel}",
                    );
                }
            }
        }
        $this->assertGreaterThan(20, $compared);
    }

    public function test_both_theorems_are_judged_alike(): void
    {
        $judged = 0;
        foreach ([...$this->patterns(), ...$this->read($this->crosses())] as [$name, , $folded, , $read]) {
            foreach (FlatFoldability::interior($folded->pattern) as $vertex => $edges) {
                $judged++;
                // rabbit-ear gives the amount by which alternate sectors fail (0 where they do not) and the difference of mountains and
                // valleys from two.
                $this->assertSame(
                    FlatFoldability::kawasaki($folded->pattern, $vertex, $edges),
                    abs($read['kawasaki'][$vertex]) < 1e-6,
                    "{$name}, Kawasaki at {$vertex}: ".json_encode($read['kawasaki']),
                );
                $this->assertSame(
                    FlatFoldability::maekawa($folded->pattern, $edges),
                    (float) $read['maekawa'][$vertex] === 0.0,
                    "{$name}, Maekawa at {$vertex}: ".json_encode($read['maekawa']),
                );
            }
        }
        $this->assertGreaterThan(2, $judged);
    }

    /**
     * Sheets with one point inside, right and wrong.
     *
     * @return list<array{string, Part}>
     */
    private function crosses(): array
    {
        $fold = static fn (string $rows, string $columns): Part => \Ephemeron\Workshop::ofTheHouse()
            ->blueprint(\Ephemeron\Format\DesignReader::ofTheHouse()->fromArray([
            'format' => 'ephemeron-design', 'version' => 1, 'structure' => 'free-base', 'parameters' => [
                'columns' => $columns,
                'rows' => $rows,
                'cut-away' => '',
                'pieces' => '',
            ],
        ]))->part('base');
        $cross = $fold('3 + 3', '4 + 4');
        $turned = new Part('turned', 'Turned', 'Test', $cross->size, $cross->role, creases: [
            ...array_filter($cross->creases, static fn ($crease): bool => $crease->along() === \Ephemeron\Measure\Axis::Width),
            new \Ephemeron\Blueprint\Crease(
                \Ephemeron\Geometry\Segment::across(\Ephemeron\Measure\Axis::Height, Length::inches(3), Length::zero(), Length::inches(4)),
                \Ephemeron\Blueprint\Fold::Valley,
            ),
            new \Ephemeron\Blueprint\Crease(
                \Ephemeron\Geometry\Segment::across(
                    \Ephemeron\Measure\Axis::Height,
                    Length::inches(3),
                    Length::inches(4),
                    Length::inches(8),
                ),
                \Ephemeron\Blueprint\Fold::Mountain,
            ),
        ]);
        $slanted = new Part('slanted', 'Slanted', 'Test', $cross->size, $cross->role, creases: array_map(
            static fn (array $to): \Ephemeron\Blueprint\Crease => new \Ephemeron\Blueprint\Crease(
                new \Ephemeron\Geometry\Segment(
                    new \Ephemeron\Geometry\Point(Length::inches(4), Length::inches(3)),
                    new \Ephemeron\Geometry\Point(Length::inches($to[0]), Length::inches($to[1])),
                ),
                $to[2],
            ),
            [
                [0, 3, \Ephemeron\Blueprint\Fold::Valley],
                [4, 0, \Ephemeron\Blueprint\Fold::Valley],
                [8, 2, \Ephemeron\Blueprint\Fold::Valley],
                [4, 6, \Ephemeron\Blueprint\Fold::Mountain],
            ],
        ));

        return [['all valleys', $cross], ['one mountain', $turned], ['slanted', $slanted]];
    }

    /**
     * @return list<array{string, Part, FoldedSheet, array<string, mixed>, array<string, mixed>}> of every scored part of every structure
     */
    private function patterns(): array
    {
        if (self::$read === null) {
            $parts = [];
            foreach (Catalogue::ofTheHouse()->keys() as $structure) {
                foreach ($this->plan($structure)->blueprint->parts as $key => $part) {
                    if ($part->creases !== []) {
                        $parts[] = ["{$structure}, {$key}", $part];
                    }
                }
            }
            self::$read = $this->read($parts);
        }

        return self::$read;
    }

    /**
     * @param list<array{string, Part}> $parts
     * @return list<array{string, Part, FoldedSheet, array<string, mixed>, array<string, mixed>}>
     */
    private function read(array $parts): array
    {
        $folder = new Folder;
        $given = [];
        foreach ($parts as [$name, $part]) {
            $folded = $folder->fold(CreasePattern::of($part));
            $given[] = [$name, $part, $folded, (new FoldWriter)->toArray($folded, $name, $part->size->height->ticks)];
        }
        $process = new Process(
            ['node', __DIR__.'/fold-read.mjs'],
            dirname(__DIR__, 2),
            input: json_encode(
                array_map(static fn (array $each): array => ['fold' => $each[3], 'root' => $each[2]->base], $given),
                JSON_THROW_ON_ERROR,
            ),
            timeout: 60,
        );
        $process->mustRun();
        $read = json_decode($process->getOutput(), true, 512, JSON_THROW_ON_ERROR);

        return array_map(static fn (array $each, array $theirs): array => [...$each, $theirs], $given, $read);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Papering\Lab;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** How different colours look. */
final class ColourDistanceTest extends TestCase
{
    /** Sharma, Wu and Dalal (2005), table 1: the pairs and their distances, from memory; culori agrees with each of them. */
    private const PAIRS = [
        [50.0, 2.6772, -79.7751, 50.0, 0.0, -82.7485, 2.0425],
        [50.0, 3.1571, -77.2803, 50.0, 0.0, -82.7485, 2.8615],
        [50.0, 2.8361, -74.0200, 50.0, 0.0, -82.7485, 3.4412],
        [50.0, -1.3802, -84.2814, 50.0, 0.0, -82.7485, 1.0000],
        [50.0, -1.1848, -84.8006, 50.0, 0.0, -82.7485, 1.0000],
        [50.0, -0.9009, -85.5211, 50.0, 0.0, -82.7485, 1.0000],
        [50.0, 0.0, 0.0, 50.0, -1.0, 2.0, 2.3669],
        [50.0, -1.0, 2.0, 50.0, 0.0, 0.0, 2.3669],
        [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0009, 7.1792],
        [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0010, 7.1792],
        [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0011, 7.2195],
        [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0012, 7.2195],
        [50.0, -0.0010, 2.4900, 50.0, 0.0009, -2.4900, 4.8045],
        [50.0, -0.0010, 2.4900, 50.0, 0.0010, -2.4900, 4.8045],
        [50.0, -0.0010, 2.4900, 50.0, 0.0011, -2.4900, 4.7461],
        [50.0, 2.5, 0.0, 50.0, 0.0, -2.5, 4.3065],
        [50.0, 2.5, 0.0, 73.0, 25.0, -18.0, 27.1492],
        [50.0, 2.5, 0.0, 61.0, -5.0, 29.0, 22.8977],
        [50.0, 2.5, 0.0, 56.0, -27.0, -3.0, 31.9030],
        [50.0, 2.5, 0.0, 58.0, 24.0, 15.0, 19.4535],
        [50.0, 2.5, 0.0, 50.0, 3.1736, 0.5854, 1.0000],
        [50.0, 2.5, 0.0, 50.0, 3.2972, 0.0, 1.0000],
        [50.0, 2.5, 0.0, 50.0, 1.8634, 0.5757, 1.0000],
        [50.0, 2.5, 0.0, 50.0, 3.2592, 0.3350, 1.0000],
        [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
        [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630],
        [61.2901, 3.7196, -5.3901, 61.4292, 2.2480, -4.9620, 1.8731],
        [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
        [22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373],
        [36.4612, 47.8580, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
        [90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441],
        [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
        [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
        [2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082],
    ];

    public function test_the_published_pairs(): void
    {
        foreach (self::PAIRS as $number => [$l1, $a1, $b1, $l2, $a2, $b2, $distance]) {
            $this->assertEqualsWithDelta(
                $distance,
                (new Lab($l1, $a1, $b1))->distance(new Lab($l2, $a2, $b2)),
                0.00005,
                'pair '.($number + 1),
            );
        }
    }

    /** npm culori 4: conversion to Lab D65 and differenceCiede2000 of random colours, and of the published pairs. */
    public function test_it_agrees_with_culori(): void
    {
        mt_srand(7);
        $colours = array_map(static fn (): string => sprintf('#%06x', mt_rand(0, 0xFFFFFF)), range(1, 120));
        $process = new Process(
            ['node', __DIR__.'/colour-distance.mjs'],
            dirname(__DIR__, 2),
            input: json_encode([$colours, self::PAIRS]) ?: '',
        );
        $process->mustRun();
        [$labs, $distances, $pairs] = (array) json_decode($process->getOutput(), true);
        foreach ($colours as $index => $colour) {
            $lab = Lab::ofHex($colour);
            $this->assertNotNull($lab);
            $this->assertEqualsWithDelta($labs[$index], [$lab->l, $lab->a, $lab->b], 0.02, $colour);
            $next = Lab::ofHex($colours[($index + 1) % count($colours)]);
            $this->assertNotNull($next);
            $this->assertEqualsWithDelta($distances[$index], $lab->distance($next), 0.02, $colour);
        }
        foreach (self::PAIRS as $index => $pair) {
            $this->assertEqualsWithDelta($pair[6], $pairs[$index], 0.00005, "culori, pair {$index}");
        }
    }

    public function test_what_is_no_colour_has_none(): void
    {
        foreach (['', 'blue', '#12345', '#1234567', '#12g456'] as $none) {
            $this->assertNull(Lab::ofHex($none));
        }
        $this->assertEqualsWithDelta(100.0, Lab::ofHex('#ffffff')?->distance(new Lab(0, 0, 0)), 0.01);
    }
}

<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Drawer\PaperPicture;
use App\Drawer\SetAside;
use App\Models\Paper;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Side;
use Illuminate\Database\Seeder;

/** Twelve fresh pads of the club's drawer: eighteen prints, two sheets of each, both sides printed, some with a right way up. */
final class PadsSeeder extends Seeder
{
    public const PRINTS = 18;

    /** Ground and inks of side A, by the first word of a pad's prints. */
    private const PADS = [
        'Ember' => ['#3b2a35', '#d9825b', '#f0c987', '#a4506a', '#f6ead2'],
        'Lantern' => ['#e9e2d0', '#46617a', '#8fa9b5', '#d7a24b', '#2f3e52'],
        'Frost' => ['#e6edf0', '#7d9fb3', '#b8c9d6', '#4d6b86', '#9b8fb8'],
        'Amber' => ['#f3e3bf', '#c98a2e', '#8a5a2b', '#e0b266', '#5b4636'],
        'Moss' => ['#e4e6d3', '#6d7f4f', '#9aa873', '#3f4f38', '#c7a65a'],
        'Violet hour' => ['#463f63', '#a08fc2', '#e3c7d9', '#7a6aa3', '#f2e6c9'],
        'Copper' => ['#f0dccb', '#b1643f', '#7b3f2d', '#d99a72', '#3e5560'],
        'Noctilucent' => ['#1f3142', '#7fb2c4', '#d9edf0', '#42718a', '#f1d9a0'],
        'Lichen' => ['#dfe4dc', '#8aa39a', '#c9b458', '#56706b', '#b77f63'],
        'Nebula' => ['#efe0e3', '#7f4560', '#b98297', '#4c2f48', '#d8b46a'],
        'Slate' => ['#d9dde0', '#5c6b78', '#93a0ab', '#333f4a', '#c8926b'],
        'Sodium' => ['#fbf1d8', '#e0a526', '#c2652f', '#7d8c86', '#454a63'],
    ];

    private const WORDS = [
        'comet', 'crescent', 'orbit', 'chart', 'ridge', 'shower', 'dust', 'spectrum', 'dusk', 'stars', 'tail', 'waning', 'ellipse',
        'almanac', 'valley', 'streak', 'haze', 'grating',
    ];

    public function __construct(private readonly PaperPicture $pictures)
    {
    }

    public function run(): void
    {
        $artist = new PrintArtist;
        $motifs = ['comets', 'phases', 'orbits', 'chart', 'hills', 'streaks', 'dust', 'lines', 'dusk', 'stars'];
        $behind = ['dust', 'lines', 'stars', 'chart', 'streaks'];
        $pad = 0;
        foreach (self::PADS as $first => $colours) {
            $side = ['Moss' => 8, 'Frost' => 6][$first] ?? 12;
            foreach (self::WORDS as $index => $word) {
                // One sheet of every third pad is printed with cards, to be cut apart.
                $isCards = $word === 'almanac' && $pad % 3 === 1 && $side === 12;
                $motif = $isCards ? 'cards' : $motifs[$index % count($motifs)];
                $inks = $index < count($motifs) ? $colours : [$colours[4], $colours[1], $colours[3], $colours[2]];
                $other = [$inks[2], $inks[0], $inks[1], $inks[3]];
                $paper = new Paper([
                    'name' => "{$first} {$word}",
                    'kind' => 'pattern',
                    'pad' => "{$first} pad",
                    'width' => Length::inches($side)->ticks,
                    'height' => Length::inches($side)->ticks,
                    'weight' => '180 g',
                    'direction' => PrintArtist::MOTIFS[$motif] ? 'a' : 'none',
                    'count' => 2,
                    'mills' => 450,
                    'place' => 'shelf of pads',
                    'tags' => $index === 0 ? 'best' : '',
                    'set_aside' => $isCards ? SetAside::CutApart->value : '',
                    'cards' => $isCards ? self::cards() : null,
                    'swatch' => $inks[0],
                    'swatch_b' => $other[0],
                ]);
                $paper->putIn('new in the drawer');
                $seed = 100 * $pad + $index;
                $this->pictures->take($artist->print($motif, $inks, $seed), $paper);
                $this->pictures->take($artist->print($behind[($index + $pad) % count($behind)], $other, $seed + 50), $paper, Side::B);
            }
            $pad++;
        }
    }

    /** @return list<array{name: string, width: int, height: int, left: int, top: int}> twelve of 3 × 4 in */
    private static function cards(): array
    {
        $names = ['Moth', 'Owl', 'Hedgehog', 'Bat', 'Fox', 'Marten', 'Badger', 'Dormouse', 'Glow-worm', 'Cricket', 'Toad', 'Hare'];
        $cards = [];
        foreach ($names as $number => $name) {
            $cards[] = [
                'name' => $name,
                'width' => Length::inches(3)->ticks,
                'height' => Length::inches(4)->ticks,
                'left' => Length::inches(3 * ($number % 4))->ticks,
                'top' => Length::inches(4 * intdiv($number, 4))->ticks,
            ];
        }

        return $cards;
    }
}

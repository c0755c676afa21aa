<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Drawer\PaperPicture;
use App\History\History;
use App\History\TickSlice;
use App\Models\Paper;
use App\Models\Project;
use App\Models\Supply;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use App\Planning\StepInWords;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Illuminate\Database\Seeder;

/** The shelf of the Hollow Hill Observing Club, an invented club of amateur astronomers that makes keepsakes of its star parties. */
final class HollowHillSeeder extends Seeder
{
    public function __construct(
        private readonly ProjectEditor $editor,
        private readonly Plans $plans,
        private readonly PaperPicture $pictures,
        private readonly History $history
    ) {
    }

    public function run(): void
    {
        // The shelf shows the latest first.
        $this->drawer();
        $this->supplies();
        $this->cometWallet();
        $this->fullMoonFolio();
        $this->starPartyNotebook();
        $this->fieldJournal();
        $this->orbitAlbum();
        $this->zodiacFoldOut();
        $this->pocketChart();
        $this->zenithSampler();
        $this->guestBook();
        $this->newMoonMeander();
        $this->eclipseKeepsake();
        $this->perseidNightAlbum();
    }

    /** In full swing: pieces cut and scored, nesting under way. */
    private function perseidNightAlbum(): void
    {
        $project = $this->editor->create([
            'structure' => 'nested-gusset-album',
            'name' => 'Perseid night album',
            'unit' => 'in',
            'materials' => [
                'cover-paper' => ['name' => 'Night chart', 'sheet' => '12x12', 'weight' => '160 g', 'direction' => 'a',
                    'selvage' => '1/2', 'count' => 6, 'drawer' => (string) Paper::query()->where('name', 'Night chart')->sole()->id],
                'mat-base' => ['name' => 'Dew point', 'count' => 24],
                'mat-top' => ['name' => 'First quarter', 'direction' => 'none', 'count' => 12],
            ],
        ]);
        $this->tickThrough($project, Phase::Score);
        $this->tickThrough($project, Phase::Fold);
        $project->notes()->create(['mark' => 'seed', 'step' => 'fold-sheet-4',
            'text' => 'Gusset came to 1 1/16: the trimmer cuts a hair wide.']);
    }

    /** Planned on a directional paper: the folding turns its print over, which the plan says. */
    private function newMoonMeander(): void
    {
        $this->editor->create([
            'structure' => 'meander-book',
            'name' => 'New moon meander',
            'unit' => 'in',
            'materials' => ['book-sheet' => ['name' => 'Night chart', 'direction' => 'both', 'selvage' => '1/2', 'count' => 2,
                'drawer' => (string) Paper::query()->where('name', 'Night chart')->sole()->id]],
        ]);
    }

    /** A metric album, one sheet fewer, barely begun. */
    private function eclipseKeepsake(): void
    {
        $project = $this->editor->create([
            'structure' => 'nested-gusset-album',
            'name' => 'Eclipse keepsake',
            'unit' => 'cm',
            'parameters' => ['sheets' => 3],
            'furniture' => [
                ['on' => 'page-2', 'kind' => 'pocket', 'parameters' => ['style' => 'double', 'card' => '9x13cm']],
                ['on' => 'page-4', 'kind' => 'photo-mat', 'parameters' => ['photo' => '9x13cm']],
                ['on' => 'page-5', 'kind' => 'pocket', 'parameters' => ['style' => 'side-load', 'depth' => '12']],
                ['on' => 'page-8', 'kind' => 'photo-mat', 'parameters' => ['photo' => '9x13cm']],
            ],
        ]);
        $this->tickThrough($project, Phase::Cut, 4);
    }

    /** Finished. */
    private function pocketChart(): void
    {
        $project = $this->editor->create([
            'structure' => 'meander-book',
            'name' => 'Pocket star chart',
            'unit' => 'in',
            'parameters' => ['sheet-side' => '8', 'notch' => '1/2', 'overhang' => '1/16', 'insert-allowance' => '3/8'],
            'materials' => ['book-sheet' => ['name' => 'Field lines', 'sheet' => '8x8', 'weight' => '120 g']],
        ]);
        $this->tickThrough($project, Phase::Finish);
    }

    /** The club's drawer: two pads, card, board, and what the last books left over. */
    private function drawer(): void
    {
        foreach (['Night chart', 'Dew point', 'First quarter', 'Field lines', 'Meteor trail', 'Dark adaptation', 'Red torch',
            'Sidereal'] as $index => $name) {
            $this->paper($name, 'pattern', 'Star party', [12, 12], 2 + $index % 3, '160 g', ['#6d74ad', '#9db7bb', '#e5cf98', '#d2b3a0',
                '#8c9a6f', '#4a4f7a', '#a86a5c', '#b7b3d8'][$index], 'blue bin', 'season', $index % 3 === 0 ? 'a' : 'none');
        }
        foreach (['Kraft dusk' => '#c9ad7f', 'Blue hour' => '#8b97ad', 'Chalk' => '#f6f2e6'] as $name => $swatch) {
            $this->paper($name, 'card', '', [12, 12], 20, '220 g', $swatch, 'card rack', 'plain');
        }
        $this->paper('Greyboard', 'board', '', [12, 12], 6, '1000 g', '#b3aa98', 'behind the door', 'covers');
        $this->paper('Clear vellum', 'specialty', '', [8.5, 11], 9, '100 g', '#edf0ea', 'top drawer', 'see-through');
        $chart = Paper::query()->where('name', 'Night chart')->sole();
        $this->pictures->take($this->nightChart(), $chart);
        $chart->update(['tags' => 'season, best']);
        foreach (['Night chart' => [[4, 12], 3], 'Field lines' => [[5, 12], 2]] as $name => [$size, $count]) {
            $of = Paper::query()->where('name', $name)->sole();
            $this->paper(
                "{$name}, leftover",
                'leftover',
                $of->pad,
                $size,
                $count,
                $of->weight,
                $of->swatch,
                'scrap box',
                $of->tags,
                $of->direction
            )->update(['parent_id' => $of->id]);
        }
    }

    /** What books want besides paper. */
    private function supplies(): void
    {
        foreach ([
            ['Thin disc magnets, 10 mm', Sundry::Magnet, 14, null, 220, 'tin with the lid'],
            ['Satin ribbon, indigo, ½ in', Sundry::Ribbon, 1, Length::inches(108), 900, 'ribbon jar'],
            ['Waxed cord, brass', Sundry::Ribbon, 1, Length::inches(36), 600, 'ribbon jar'],
            ['Double-sided tape, ¼ in', Sundry::Tape, 1, Length::inches(700), 120, 'tool tray'],
            ['Linen thread, natural', Sundry::Thread, 1, Length::inches(480), 80, 'tool tray'],
            ['Coil, ¾ in', Sundry::Coil, 2, null, 1450, 'blue bin'],
            ['Brads, dark', Sundry::Fastener, 25, null, 60, 'tin with the lid'],
        ] as [$name, $kind, $count, $length, $mills, $place]) {
            Supply::query()->create(['name' => $name, 'kind' => $kind, 'count' => $count, 'length' => $length?->ticks, 'mills' => $mills,
                'place' => $place]);
        }
    }

    /** Rings of an invented sky, with its stars: the same at every seeding. */
    private function nightChart(): string
    {
        $sky = imagecreatetruecolor(480, 480) ?: throw new \RuntimeException('There is no room for a picture.');
        [$night, $ring, $star] = array_map(
            static fn (array $colour): int => (int) imagecolorallocate($sky, ...$colour),
            [[109, 116, 173], [152, 158, 205], [247, 238, 206]]
        );
        imagefill($sky, 0, 0, $night);
        for ($breadth = 60; $breadth <= 660; $breadth += 60) {
            imageellipse($sky, 240, 240, $breadth, $breadth, $ring);
        }
        for ($number = 1; $number <= 120; $number++) {
            imagefilledellipse($sky, $number * 173 % 480, $number * 311 % 480, 2 + $number % 5, 2 + $number % 5, $star);
        }
        ob_start();
        imagepng($sky);

        return (string) ob_get_clean();
    }

    /** @param array{int|float, int|float} $inches */
    private function paper(
        string $name,
        string $kind,
        string $pad,
        array $inches,
        int $count,
        string $weight,
        string $swatch,
        string $place,
        string $tags,
        string $direction = 'none'
    ): Paper {
        $size = Size::inches(...$inches);
        $paper = Paper::query()->create([
            'name' => $name,
            'kind' => $kind,
            'pad' => $pad,
            'width' => $size->width->ticks,
            'height' => $size->height->ticks,
            'weight' => $weight,
            'swatch' => $swatch,
            'place' => $place,
            'tags' => $tags,
            'direction' => $direction,
            'mills' => $kind === 'pattern' ? 850 : 600,
        ]);
        $paper->move($count, 'Put into the drawer');

        return $paper;
    }

    /** For the post: it must go into a card envelope. Its mats come out of what is left of a paper in the drawer. */
    private function cometWallet(): void
    {
        $mats = Paper::query()->where('name', 'Field lines')->sole();
        $notation = Notation::usual(Unit::Inch);
        $this->editor->create([
            'structure' => 'waterfall-wallet',
            'name' => 'Comet wallet',
            'unit' => 'in',
            'parameters' => ['post-limit' => '3/8'],
            'materials' => ['mat-base' => [...$mats->material($notation), 'leftovers' => $mats->leftoversFor($notation)]],
        ]);
    }

    /** Things on flaps on faces: a waterfall on the centre, a pocket on it, a band on a fold-out. */
    private function fullMoonFolio(): void
    {
        $this->editor->create([
            'structure' => 'four-flap-folio',
            'name' => 'Full moon folio',
            'unit' => 'in',
            'furniture' => [
                ['on' => 'front-cover/top-flap/inside', 'kind' => 'magnets', 'parameters' => ['pairs' => 2, 'edge' => 'bottom']],
                ['on' => 'page-10', 'kind' => 'waterfall', 'parameters' => ['flaps' => 4, 'reach' => '5'], 'children' => [
                    ['on' => 'flap-2-inside', 'kind' => 'photo-mat', 'parameters' => ['photo' => '3x4', 'lies' => 'sideways']],
                ]],
                ['on' => 'page-3', 'kind' => 'belly-band', 'parameters' => ['breadth' => '3', 'runs' => 'across']],
                ['on' => 'page-4', 'kind' => 'pocket', 'parameters' => ['depth' => '4'], 'children' => [['kind' => 'tag']]],
                ['on' => 'page-7', 'kind' => 'flap', 'parameters' => ['edge' => 'top', 'reach' => '3 1/2']],
            ],
        ]);
    }

    /** A metric case for the season's notes: one thick signature from a heap of what lies about in the club house. */
    private function fieldJournal(): void
    {
        $sheet = static fn (string $name, string $width, string $height, string $weight): array => [
            'name' => $name, 'sheet' => 'own', 'width' => $width, 'height' => $height, 'weight' => $weight,
        ];
        $a4 = static fn (string $name): array => ['name' => $name, 'sheet' => 'a4', 'weight' => '90'];
        $this->editor->create(['structure' => 'fold-over-journal', 'name' => 'Observers’ field journal', 'unit' => 'cm',
            'parameters' => ['signatures' => 1, 'sheets' => 20, 'stations' => '5'],
            'leaves' => [
                'heap' => [
                    ['key' => 'tea', 'paper' => $a4('Tea-dyed'), 'count' => 3, 'hue' => 35],
                    ['key' => 'dusk', 'paper' => $a4('Dusk-dyed'), 'count' => 2, 'hue' => 280],
                    ['key' => 'moss', 'paper' => $a4('Moss-dyed'), 'count' => 2, 'hue' => 110],
                    ['key' => 'log', 'paper' => $sheet('Log sheets', '30', '22', '80'), 'kind' => 'lined', 'count' => 4],
                    ['key' => 'ledger', 'paper' => $a4('Old ledger'), 'kind' => 'lined', 'count' => 2, 'hue' => 50, 'front' => 'half'],
                    ['key' => 'chart', 'paper' => $sheet('Star charts', '36', '25', '100'), 'kind' => 'specialty', 'count' => 3,
                        'hue' => 225, 'front' => 'none'],
                    ['key' => 'score', 'paper' => $a4('Evening music'), 'kind' => 'specialty', 'count' => 2, 'back' => 'half'],
                    ['key' => 'vellum', 'paper' => $sheet('Cloud vellum', '29.7', '21', '110'), 'kind' => 'specialty', 'count' => 2],
                    ['key' => 'novel', 'paper' => $sheet('Novel pages', '24', '18', '70'), 'kind' => 'book', 'count' => 4, 'text' => true,
                        'front' => 'none', 'back' => 'none', 'hue' => 45],
                    ['key' => 'verses', 'paper' => $sheet('Verses', '22', '16', '80'), 'kind' => 'book', 'count' => 1, 'text' => true,
                        'front' => 'half', 'back' => 'half'],
                    ['key' => 'envelope', 'paper' => $sheet('Airmail envelopes', '14', '19', '80'), 'kind' => 'extra', 'count' => 2,
                        'bag' => 'top', 'front' => 'half'],
                ],
                'first' => 'vellum',
                'second' => 'tea',
                'middle' => 'chart',
            ]]);
    }

    /** Plain, for the pocket of an observing coat. */
    private function starPartyNotebook(): void
    {
        $this->editor->create(['structure' => 'sewn-journal', 'name' => 'Star-party notebook', 'unit' => 'in',
            'parameters' => ['signatures' => 5, 'sheets' => 3, 'stitch' => 'long', 'stations' => '5']]);
    }

    /** Pocket pages with a flap on each side, half way through. */
    private function orbitAlbum(): void
    {
        $project = $this->editor->create(['structure' => 'z-page-album', 'name' => 'Orbit album', 'unit' => 'in',
            'parameters' => ['units' => 2, 'spine' => '1 1/2']]);
        $this->tickThrough($project, Phase::Cut);
    }

    /** Planned from one pad, with prints of the season mounted here and there. */
    private function zenithSampler(): void
    {
        $this->editor->create([
            'structure' => 'tab-spine-album',
            'name' => 'Zenith sampler',
            'unit' => 'in',
            'furniture' => [
                ['on' => 'page-2', 'kind' => 'pocket', 'parameters' => ['width' => '5 1/2', 'depth' => '2 1/2', 'up' => '0']],
                ['on' => 'page-3', 'kind' => 'photo-mat', 'parameters' => ['photo' => '4x6']],
                ['on' => 'page-8', 'kind' => 'photo-mat', 'parameters' => ['photo' => '3x4']],
            ],
        ]);
    }

    /** Drawn on its fence: a sheet in thirds, a flap from the head with its magnet, two at the sides, a pocket on one of them. */
    private function zodiacFoldOut(): void
    {
        $magnet = ['on' => 'inside', 'kind' => 'magnets', 'parameters' => ['edge' => 'top']];
        $this->editor->create(['structure' => 'free-base', 'name' => 'Zodiac fold-out', 'unit' => 'in',
            'parameters' => ['columns' => '4 + 4 + 4', 'rows' => '12', 'cut-away' => ''],
            'things' => [
                'base-2-1/flap-1' => ['on' => 'base-2-1', 'kind' => 'flap', 'parameters' => ['edge' => 'top', 'reach' => '8', 'breadth' => '4'],
                    'children' => ['magnets-1' => $magnet]],
                'base-1-1/flap-1' => ['on' => 'base-1-1', 'kind' => 'flap', 'parameters' => ['edge' => 'left', 'reach' => '3'],
                    'children' => ['pocket-1' => ['on' => 'front', 'kind' => 'pocket']]],
                'base-3-1/flap-1' => ['on' => 'base-3-1', 'kind' => 'flap', 'parameters' => ['edge' => 'right', 'reach' => '3']],
            ]]);
    }

    /** Not ready yet: too few sheets of a pattern, and a gusset too small for what is planned. */
    private function guestBook(): void
    {
        $this->editor->create([
            'structure' => 'nested-gusset-album',
            'name' => 'Star-party guest book',
            'unit' => 'in',
            'parameters' => ['leaf-width' => '5 1/2', 'leaf-height' => '7', 'sheets' => 5, 'step' => '1/8', 'tape-width' => '1/8'],
            'mats' => ['school' => 'fine', 'layers' => 1],
            'materials' => [
                'structure-card' => ['name' => 'Kraft dusk', 'sheet' => '12x12', 'weight' => '80 lb cover'],
                'mat-base' => ['name' => 'Dew point', 'count' => 5, 'sides' => 'single'],
            ],
        ]);
    }

    private function tickThrough(Project $project, Phase $last, int $most = PHP_INT_MAX): void
    {
        $plan = $this->plans->plan($project);
        foreach ($plan->steps as $step) {
            if ($step->phase->value <= $last->value && $step->number <= $most) {
                $this->tick($project, $step->key, StepInWords::of($plan, $step), array_keys($step->places));
            }
        }
    }

    /** @param list<int> $places */
    private function tick(Project $project, string $step, string $said, array $places = []): void
    {
        $keys = [$step, ...array_map(static fn (int $place): string => "{$step}#{$place}", $places)];
        $this->history->do(
            $project->refresh(),
            TickSlice::KIND,
            $said,
            ['step' => $step, 'keys' => []],
            ['step' => $step, 'keys' => $keys]
        );
    }
}

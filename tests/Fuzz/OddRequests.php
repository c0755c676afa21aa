<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;

/** Requests as nobody makes them: every route, with what its forms send and with what they never would; the same seed, the same requests. */
final class OddRequests
{
    /** Fields of the forms, and what they hold when somebody means it. */
    private const FIELDS = [
        'step' => ['sort', 'cut-0123456789ab-1', 'mat-pages', 'piece:page-1/mat-1'],
        'place' => ['0', '1', 'things.page-3/pocket-1', 'things.page-1'],
        'done' => ['0', '1'],
        'copy' => ['1', '2'],
        'next' => ['1'],
        'stage' => ['plan', 'cut', 'bench', 'score', 'keepsakes'],
        'face' => ['page-1', 'page-3', 'front-cover', 'page-3/pocket-1/front'],
        'revision' => ['1', '2', '3'],
        'name' => ['Moth book', 'Comet'],
        'structure' => ['meander-book', 'free-base', 'coil-album'],
        'unit' => ['in', 'cm'],
        'kind' => ['pocket', 'flap', 'photo-mat', 'waterfall', 'card', 'pattern', 'sold'],
        'spot' => ['middle', 'head', 'foot', '1,1'],
        'photo' => ['3x4', '4x6', '9x13cm'],
        'on' => ['page-3', '2026-05-04'],
        'left' => ['1', '1/2'],
        'top' => ['1', '2 1/4'],
        'sheet' => ['1', 'cut-0123456789ab-1'],
        'part' => ['sheet-1', 'page-1/mat-1'],
        'measure' => ['width|sheet-1|whole', 'height|sheet-2|gusset'],
        'verdict' => ['measures', 'tight', 'crooked'],
        'came' => ['5 7/16', '1/16'],
        'text' => ['tight', 'a note'],
        'offcut' => ['0', '1'],
        'keep' => ['0', '1'],
        'books' => ['1', '3'],
        'copies' => ['2', '10'],
        'count' => ['1', '9'],
        'price' => ['0.85', '12'],
        'weight' => ['220 g', '160'],
        'width' => ['12', '30.5 cm'],
        'height' => ['12'],
        'order' => ['name', '1,2,3'],
        'search' => ['comet'],
        'put' => ['pocket'],
        'flaps' => ['up'],
        'piece' => ['page-1/mat-1'],
        'event' => ['1', '2'],
        'changes' => ['{"parameters.leaf-width":"4"}', '{}'],
        'lesson' => ['tighter'],
        'amount' => ['19,00'],
        'paper' => ['1', 'a4'],
        'way' => ['factor'],
        'margin' => ['2.5'],
        'rate' => ['12'],
        'currency' => ['EUR'],
        'take' => ['1'],
        'key' => ['a'],
        'what' => ['prints', 'inserts'],
        'number' => ['1'],
        'run' => ['1'],
        'columns' => ['4 4 4'],
        'all' => ['1'],
        'print' => ['a'],
        'side' => ['A', 'B'],
        'was' => ['{"count":9}'],
        'meant' => ['1'],
        'kept' => ['daily-2026-01-01-000000.zip'],
        'turn' => ['0', '1'],
    ];

    /** Places of a design that a form may set. */
    private const PLACES = [
        'parameters.leaf-width', 'parameters.sheets', 'unit', 'grid', 'name', 'mats.layers', 'materials.structure-card.sheet', 'pins.0.left',
        'things.page-3/pocket-1.width', 'made.page-1/mat-1.width', 'choices', 'schools.inking', 'insert-play', 'furniture', 'version',
    ];

    private const ODD = [
        '', ' ', '0', '-1', '1/0', '9999999999999999999999', '1e309', 'NaN', "\xff\xfe", "a\0b", '<script>', '../../etc/passwd', '%00', '½', '⁄',
        "\u{202E}x", '{"a":1}', '[]', 'null', "1\n2", '🌒', '1/16', '-1/16', '0.0000001',
    ];

    public function __construct(private readonly int $seed)
    {
        mt_srand($seed);
    }

    /** @param list<int> $projects numbers of books that there are */
    public function next(array $projects): Request
    {
        $routes = array_values(array_filter(
            Routes::getRoutes()->getRoutes(),
            static fn (Route $route): bool => ! str_starts_with($route->uri(), 'storage/'),
        ));
        $route = $this->one($routes);
        $method = $this->one(array_values(array_diff($route->methods(), ['HEAD'])));
        $path = (string) preg_replace_callback(
            '/\{(\w+)\??\}/',
            fn (array $found): string => $found[1] === 'project' && mt_rand(0, 9) > 0
                ? (string) $this->one($projects)
                : rawurlencode($this->word()),
            $route->uri(),
        );
        $fields = [];
        for ($field = mt_rand(0, 6); $field > 0; $field--) {
            $fields[(string) $this->one(array_keys(self::FIELDS))] = null;
        }
        foreach (array_keys($fields) as $field) {
            $fields[$field] = $this->value(self::FIELDS[$field]);
        }
        if (mt_rand(0, 2) === 0) {
            $fields['set'] = [$this->one(self::PLACES) => $this->value(['5', '1/4', 'in', '2'])];
        }
        $files = mt_rand(0, 9) === 0
            ? [$this->one(['file', 'picture', 'photo', 'sheets']) => UploadedFile::fake()->createWithContent('x.json', $this->word())]
            : [];
        $server = mt_rand(0, 5) === 0 ? ['HTTP_HX_REQUEST' => 'true', 'HTTP_HX_TARGET' => $this->one(['trimmer', 'stage', 'books'])] : [];

        return Request::create('/'.ltrim($path, '/'), $method, $fields, [], $files, $server);
    }

    /** A design file of which a few places are odd. @return array<string, mixed> */
    public function design(): array
    {
        $design = [
            'format' => 'ephemeron-design', 'version' => 2,
            'structure' => $this->one(['nested-gusset-album', 'mitred-tab-album', 'free-base', 'meander-book', 'coil-album', 'tag-clutch']),
        ];
        for ($place = mt_rand(0, 2); $place > 0; $place--) {
            $this->set($design, explode('.', $this->one(self::PLACES)), $this->value(['5', '1/4', '2', 'cm']));
        }

        return $design;
    }

    /** How a request is named in a complaint: enough to make it again. */
    public function told(Request $request): string
    {
        return "seed {$this->seed}: {$request->method()} {$request->getPathInfo()} ".json_encode(
            $request->all(),
            JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    /** @param list<string> $meant */
    private function value(array $meant): mixed
    {
        return match (true) {
            mt_rand(0, 9) < 5 => $this->one($meant),
            mt_rand(0, 4) === 0 => [$this->word() => $this->word()],
            mt_rand(0, 9) === 0 => str_repeat($this->one(['x', '1', ' ', '¼']), 5_000),
            default => $this->word(),
        };
    }

    private function word(): string
    {
        return $this->one(self::ODD);
    }

    /**
     * @param array<array-key, mixed> $design
     * @param list<string> $place
     */
    private function set(array &$design, array $place, mixed $value): void
    {
        $key = array_shift($place);
        if ($key === null) {
            return;
        }
        if ($place === []) {
            $design[$key] = $value;

            return;
        }
        $below = is_array($design[$key] ?? null) ? $design[$key] : [];
        $this->set($below, $place, $value);
        $design[$key] = $below;
    }

    /**
     * @template T
     * @param list<T> $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }
}

<?php

declare(strict_types=1);

namespace App\Safekeeping;

use App\Drawer\KeepsakePictures;
use App\Drawer\PaperCsv;
use App\Drawer\PaperPicture;
use App\Drawer\Pixels;
use App\Drawer\UnusablePicture;
use App\Models\Note;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\OwnStructures;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Design\Design;
use Ephemeron\Format\CutWorkJson;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

/**
 * One book with all that belongs to it, in one file: design, ticks, what is cut, notes, photographs, times, where its copies went, and what
 * its papers are. For another machine, where it goes on from where it was.
 */
final readonly class BookCopy
{
    public const FORMAT = 'ephemeron-book';

    public const VERSION = 1;

    private const BOOK = 'book.json';

    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    private const MOST_ENTRIES = 500;

    private const MOST_BYTES = 20 * 1024 * 1024;

    /** What is taken of each table, as it is kept. */
    private const ROWS = [
        'ticks' => ['key', 'created_at'],
        'cut_works' => ['plan', 'created_at'],
        'spoiled_pieces' => ['sheet', 'piece', 'count'],
        'offcut_choices' => ['step', 'offcut', 'keep'],
        'step_times' => ['step', 'seconds'],
        'departures' => ['kind', 'copies', 'on', 'mills'],
        'notes' => ['step', 'text', 'mark', 'part', 'axis', 'panel', 'planned', 'came', 'is_play', 'photo', 'created_at'],
    ];

    /** What may stand there: a file from elsewhere is not believed. */
    private const COLUMNS = [
        'key' => 'required|string|max:160',
        'plan' => 'required|string|max:4000000',
        'sheet' => 'required|string|max:160',
        'piece' => 'required|string|max:160',
        'count' => 'required|integer|between:1,9999',
        'step' => 'required|string|max:160',
        'offcut' => 'required|integer|between:0,9999',
        'keep' => 'required|boolean',
        'seconds' => 'required|integer|between:0,100000000',
        'kind' => 'required|in:sold,given,kept',
        'copies' => 'required|integer|between:1,999',
        'on' => 'required|date',
        'mills' => 'required|integer|between:0,1000000000000',
        'text' => 'required|string|max:500',
        'mark' => 'nullable|string|max:40',
        'part' => 'nullable|string|max:160',
        'axis' => 'nullable|in:width,height',
        'panel' => 'nullable|string|max:160',
        'planned' => 'nullable|integer|between:0,100000000',
        'came' => 'nullable|integer|between:0,100000000',
        'is_play' => 'nullable|boolean',
        'photo' => 'nullable|string|max:160',
        'created_at' => 'nullable|date',
    ];

    public function __construct(
        private Plans $plans,
        private ProjectEditor $editor,
        private DesignReader $reader,
        private PaperPicture $pictures,
        private PaperCsv $csv,
        private OwnStructures $own,
    ) {
    }

    public static function looksLike(string $file): bool
    {
        return $file !== '' && @file_get_contents($file, length: 4) === "PK\x03\x04";
    }

    /**
     * @throws InvalidDesign where what is stored cannot be read
     * @throws UnusableCopy where the file cannot be written
     */
    public function write(Project $project, string $file): void
    {
        $zip = new \ZipArchive;
        if ($zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
            throw UnusableCopy::cannotBeWritten($file);
        }
        $book = [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'design' => $this->own->with($project->design),
            'copies' => $project->copies,
            'lesson' => $project->lesson,
            'papers' => [],
        ];
        foreach (self::ROWS as $table => $columns) {
            $book[$table] = DB::table($table)->where('project_id', $project->id)->orderBy('id')->get($columns)->all();
        }
        foreach (Paper::withTrashed()->findMany(self::drawers($this->plans->design($project))) as $paper) {
            $book['papers'][] = ['number' => $paper->id, 'line' => $this->csv->write([$paper->nowhere()], Unit::Inch)];
            foreach (Side::cases() as $side) {
                $picture = $this->pictures->contents($paper, $side);
                $picture === null ?: $zip->addFromString("papers/{$paper->id}-{$side->value}.jpg", $picture);
            }
        }
        $notes = Note::query()->where('project_id', $project->id)->whereNotNull('photo')->pluck('photo')->all();
        $photos = array_map(static fn (mixed $photo): string => 'notes/'.self::text($photo), $notes);
        $pictures = array_combine($photos, $photos);
        foreach (KeepsakePictures::all()[$project->id] ?? [] as $key => $place) {
            $pictures["keepsakes/{$key}.jpg"] = $place;
        }
        foreach ($pictures as $entry => $kept) {
            $picture = Storage::disk('local')->get($kept);
            $picture === null ?: $zip->addFromString($entry, $picture);
        }
        $zip->addFromString(self::BOOK, json_encode($book, self::JSON));
        if (! $zip->close()) {
            throw UnusableCopy::cannotBeWritten($file);
        }
    }

    /**
     * Puts it on the shelf. Papers are known by what they are: those that lie in the drawer here are taken, the others are put there with
     * no sheets.
     *
     * @throws InvalidDesign|UnusableCopy
     */
    public function read(string $file): Project
    {
        $zip = $this->opened($file);
        $book = json_decode((string) $zip->getFromName(self::BOOK), true);
        if (! is_array($book) || ($book['format'] ?? null) !== self::FORMAT || ! is_array($book['design'] ?? null)) {
            throw UnusableCopy::noBook();
        }
        if (($book['version'] ?? null) !== self::VERSION) {
            throw UnusableCopy::newer();
        }
        $design = $this->reader->fromArray(self::keyed($this->own->taken($book['design'])));
        $this->check($book);
        try {
            /** @var Project $project */
            $project = DB::transaction(fn (): Project => $this->put($design, $book, $zip));

            return $project;
        } catch (QueryException|UnusablePicture|\UnexpectedValueException) {
            throw UnusableCopy::damaged(self::BOOK);
        }
    }

    /** @param array<array-key, mixed> $book */
    private function put(Design $design, array $book, \ZipArchive $zip): Project
    {
        $numbers = [];
        foreach (self::rows($book, 'papers') as $row) {
            $paper = $this->paper($row, $zip);
            $paper === null ?: $numbers[self::whole($row['number'] ?? null)] = $paper->id;
        }
        $known = static fn (Stock $stock): Stock => isset($numbers[(int) $stock->drawer])
            ? $stock->from((string) $numbers[(int) $stock->drawer])->with(leftovers: []) : $stock->from(null)->with(leftovers: []);
        $project = $this->editor->put($design->with(
            materials: array_map($known, $design->materials),
            choices: $design->choices->with(papers: array_map($known, $design->choices->papers)),
        ));
        $lesson = $book['lesson'] ?? null;
        $project->update([
            'copies' => max(1, min(99, self::whole($book['copies'] ?? 1))),
            'lesson' => is_string($lesson) ? mb_substr($lesson, 0, 2000) : null,
        ]);
        foreach (self::ROWS as $table => $columns) {
            foreach (self::rows($book, $table) as $row) {
                $row = array_filter(array_intersect_key($row, array_flip($columns)), static fn (mixed $value): bool => is_scalar($value));
                DB::table($table)->insert(['project_id' => $project->id, ...$this->fitting($table, $row, $numbers, $zip)]);
            }
        }
        foreach ($design->keepsakes as $key => $keepsake) {
            $picture = $zip->getFromName("keepsakes/{$key}.jpg");
            $picture === false ?: CannotBeKept::put(KeepsakePictures::place($project->id, $key), Pixels::read($picture)->jpeg());
        }

        return $project;
    }

    /**
     * @param array<string, mixed> $row
     * @param array<int, int> $numbers of papers here, by those there
     * @return array<string, mixed>
     */
    private function fitting(string $table, array $row, array $numbers, \ZipArchive $zip): array
    {
        if ($table === 'cut_works') {
            $row['plan'] = self::ofThisDrawer(self::text($row['plan'] ?? ''), $numbers);
        }
        if ($table === 'notes') {
            $picture = isset($row['photo']) ? $zip->getFromName('notes/'.basename(self::text($row['photo']))) : false;
            $row['mark'] = (string) Str::ulid();
            $row['photo'] = $picture === false ? null : "{$row['mark']}.jpg";
            $picture === false ?: CannotBeKept::put("notes/{$row['photo']}", Pixels::read($picture)->jpeg());
        }

        return $row;
    }

    /**
     * The paper of this drawer that is the same, else a new one.
     *
     * @param array<string, mixed> $row
     */
    private function paper(array $row, \ZipArchive $zip): ?Paper
    {
        [$read] = $this->csv->read(self::text($row['line'] ?? ''), Unit::Inch);
        $attributes = $read[0] ?? null;
        if ($attributes === null) {
            return null;
        }
        $same = array_intersect_key($attributes, array_flip(['name', 'kind', 'pad', 'width', 'height', 'weight']));
        $there = Paper::query()->where($same)->orderByDesc('count')->first();
        if ($there instanceof Paper) {
            return $there;
        }
        $paper = Paper::query()->create($attributes);
        foreach (Side::cases() as $side) {
            $picture = $zip->getFromName('papers/'.self::whole($row['number'] ?? null)."-{$side->value}.jpg");
            $picture === false ?: $this->pictures->take($picture, $paper, $side);
        }

        return $paper;
    }

    /**
     * A plan that was begun knows papers by their number in a drawer.
     *
     * @param array<int, int> $numbers
     *
     * @throws \UnexpectedValueException where it is none
     */
    private static function ofThisDrawer(string $plan, array $numbers): string
    {
        $plan = (string) preg_replace_callback(
            '/("drawer":"|"paper":"drawer )(\d+)"/',
            static fn (array $found): string => $found[1].($numbers[(int) $found[2]] ?? '').'"',
            $plan,
        );
        (new CutWorkJson)->read($plan);

        return $plan;
    }

    private function opened(string $file): \ZipArchive
    {
        $zip = new \ZipArchive;
        if ($zip->open($file, \ZipArchive::RDONLY) !== true || $zip->numFiles > self::MOST_ENTRIES) {
            throw UnusableCopy::noBook();
        }
        for ($entry = 0; $entry < $zip->numFiles; $entry++) {
            if (($zip->statIndex($entry)['size'] ?? PHP_INT_MAX) > self::MOST_BYTES) {
                throw UnusableCopy::noBook();
            }
        }

        return $zip;
    }

    /**
     * @param array<array-key, mixed> $book
     *
     * @throws UnusableCopy
     */
    private function check(array $book): void
    {
        $rules = [];
        foreach (self::ROWS as $table => $columns) {
            $rules[$table] = 'nullable|array|max:20000';
            foreach ($columns as $column) {
                $rules["{$table}.*.{$column}"] = self::COLUMNS[$column];
            }
        }
        if (Validator::make(self::keyed($book), $rules)->fails()) {
            throw UnusableCopy::damaged(self::BOOK);
        }
    }

    /** @return list<int> numbers of its papers in the drawer */
    private static function drawers(Design $design): array
    {
        $numbers = array_map(static fn (Stock $stock): int => (int) $stock->drawer, [...$design->materials, ...$design->choices->papers]);

        return array_values(array_unique(array_filter($numbers)));
    }

    /**
     * @param array<array-key, mixed> $book
     * @return list<array<string, mixed>>
     */
    private static function rows(array $book, string $of): array
    {
        $rows = is_array($book[$of] ?? null) ? $book[$of] : [];

        return array_values(array_map(self::keyed(...), array_filter($rows, is_array(...))));
    }

    /**
     * @param array<array-key, mixed> $array
     * @return array<string, mixed>
     */
    private static function keyed(array $array): array
    {
        return array_combine(array_map(strval(...), array_keys($array)), $array);
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}

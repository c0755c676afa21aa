<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/**
 * The whole shelf in one file: a zip with the database as it was at one moment, all pictures, and a manifest with a checksum of each. It
 * may be made while others write.
 */
final readonly class ShelfCopy
{
    public const FORMAT = 'ephemeron-shelf';

    public const VERSION = 1;

    /** Folders of pictures that belong to the shelf. */
    public const FOLDERS = ['notes', 'papers', 'keepsakes'];

    private const MANIFEST = 'manifest.json';

    private const DATABASE = 'shelf.sqlite';

    private function __construct(private \ZipArchive $zip, private Manifest $manifest)
    {
    }

    /** Other databases have means of their own. */
    public static function isPossible(): bool
    {
        return DB::getDriverName() === 'sqlite';
    }

    /**
     * Writes one and reads it back.
     *
     * @throws UnusableCopy where it cannot be written
     */
    public static function write(string $file): self
    {
        $database = tempnam(sys_get_temp_dir(), 'shelf');
        if ($database === false) {
            throw UnusableCopy::cannotBeWritten(sys_get_temp_dir());
        }
        unlink($database);
        try {
            // A snapshot of one moment, whoever writes meanwhile.
            self::snapshot($database);
            $zip = new \ZipArchive;
            if ($zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
                throw UnusableCopy::cannotBeWritten($file);
            }
            $sums = [self::DATABASE => (string) hash_file('sha256', $database)];
            $zip->addFile($database, self::DATABASE);
            foreach (self::FOLDERS as $folder) {
                // Those below it are drawn from these, smaller, when they are wanted.
                foreach (Storage::disk('local')->files($folder) as $picture) {
                    $contents = (string) Storage::disk('local')->get($picture);
                    $sums[$picture] = hash('sha256', $contents);
                    $zip->addFromString($picture, $contents);
                }
            }
            $zip->addFromString(self::MANIFEST, Manifest::of($sums)->json());
            if (! $zip->close()) {
                throw UnusableCopy::cannotBeWritten($file);
            }
        } finally {
            is_file($database) && unlink($database);
        }

        return self::read($file);
    }

    private static function snapshot(string $database): void
    {
        if (! self::isPossible()) {
            throw UnusableCopy::otherDatabase();
        }
        try {
            DB::statement('VACUUM INTO ?', [$database]);
        } catch (\PDOException) {
            throw UnusableCopy::cannotBeWritten($database);
        }
    }

    /**
     * Every entry is looked at.
     *
     * @throws UnusableCopy where it is none, damaged, or newer than this edition
     */
    public static function read(string $file): self
    {
        $zip = new \ZipArchive;
        if ($file === '' || $zip->open($file, \ZipArchive::RDONLY) !== true) {
            throw UnusableCopy::notOne();
        }
        $manifest = Manifest::read((string) $zip->getFromName(self::MANIFEST));
        foreach ($manifest->sums as $entry => $sum) {
            $contents = $zip->getFromName($entry);
            if ($contents === false || hash('sha256', $contents) !== $sum) {
                throw UnusableCopy::damaged($entry);
            }
        }
        if (! isset($manifest->sums[self::DATABASE])) {
            throw UnusableCopy::notOne();
        }

        return new self($zip, $manifest);
    }

    /** When it was made, and what is in it: `of 26 November 2026, 17.45: 12 books, 34 papers, 5 pictures`. */
    public function sentence(): string
    {
        return sprintf(
            'of %s: %d %s, %d %s, %d %s',
            $this->manifest->made->translatedFormat('j F Y, H.i'),
            $this->manifest->books,
            $this->manifest->books === 1 ? 'book' : 'books',
            $this->manifest->papers,
            $this->manifest->papers === 1 ? 'paper' : 'papers',
            count($this->manifest->sums) - 1,
            count($this->manifest->sums) === 2 ? 'picture' : 'pictures',
        );
    }

    /** The database as a file of its own, that whoever asked for it throws away. */
    public function database(): string
    {
        $file = tempnam(sys_get_temp_dir(), 'shelf');
        if ($file === false || file_put_contents($file, (string) $this->zip->getFromName(self::DATABASE)) === false) {
            throw UnusableCopy::cannotBeWritten(sys_get_temp_dir());
        }

        return $file;
    }

    /** @return iterable<string, string> contents of the pictures by their place; nothing that lies elsewhere */
    public function pictures(): iterable
    {
        foreach (array_keys($this->manifest->sums) as $entry) {
            $isOurs = in_array(explode('/', $entry)[0], self::FOLDERS, true) && ! str_contains($entry, '..');
            if ($entry !== self::DATABASE && $isOurs) {
                yield $entry => (string) $this->zip->getFromName($entry);
            }
        }
    }
}

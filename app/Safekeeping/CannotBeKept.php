<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;

/** The disk is full, or may not be written: what was asked for was not done, and what is there can still be read. */
final class CannotBeKept extends \RuntimeException
{
    /** What SQLite and PostgreSQL say then; codes of SQLite: 8, 10, 13, 14. */
    private const SAID = '/readonly database|disk is full|disk I\/O error|unable to open database file|No space left'
        .'|could not extend file/';

    private const LITTLE = 1_048_576;

    public function __construct()
    {
        $free = @disk_free_space(storage_path());
        parent::__construct($free !== false && $free < self::LITTLE
            ? 'The disk is full: nothing was changed. What is there can be read; make room, and do it again.'
            : 'This cannot be kept, because the disk or a folder cannot be written: nothing was changed. What is there can be read.');
    }

    public static function isMeantBy(QueryException $trouble): bool
    {
        return preg_match(self::SAID, $trouble->getMessage()) === 1;
    }

    /**
     * Writes a file that belongs to the shelf.
     *
     * @throws self where that is not possible
     */
    public static function put(string $place, string $contents): void
    {
        try {
            $isThere = Storage::disk('local')->put($place, $contents);
        } catch (\ErrorException) {
            $isThere = false;
        }
        if (! $isThere) {
            throw new self;
        }
    }

    public function render(Request $request): Response
    {
        return response()->view('errors.507', ['text' => $this->getMessage()], Response::HTTP_INSUFFICIENT_STORAGE, [
            'X-Why' => $this->getMessage(),
        ]);
    }
}

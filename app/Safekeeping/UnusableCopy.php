<?php

declare(strict_types=1);

namespace App\Safekeeping;

/** A file that is no copy of a shelf, or not any more. */
final class UnusableCopy extends \RuntimeException
{
    public static function notOne(): self
    {
        return new self('This is no copy of a shelf.');
    }

    public static function noBook(): self
    {
        return new self('This is no file of a book.');
    }

    public static function damaged(string $entry): self
    {
        return new self("The copy is damaged: {$entry} is not as it was written.");
    }

    public static function newer(): self
    {
        return new self('The copy was made by a newer Ephemeron. Upgrade this one first.');
    }

    public static function otherDatabase(): self
    {
        return new self('This shelf lies in PostgreSQL: pg_dump copies it, and the folder storage/app/private has its pictures.');
    }

    public static function cannotBeWritten(string $file): self
    {
        return new self("{$file} cannot be written. Is the disk full?");
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How many of which books are made in one go: `books[3]=2`. What cannot be read is said beside its field, the others stand. */
final class TogetherRequest extends FormRequest
{
    public const MOST = 50;

    /** More books than one spreads on a table. */
    public const KINDS = 8;

    /** @var array<int, int>|null */
    private ?array $counts = null;

    /** @var array<string, string> */
    private array $complaints = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    /** @return array<int, int> how many by the number of the book; those of which none is wanted are left out */
    public function counts(): array
    {
        if ($this->counts !== null) {
            return $this->counts;
        }
        $this->counts = [];
        $asked = $this->input('books');
        foreach (is_array($asked) ? $asked : [] as $book => $count) {
            $count = is_string($count) ? trim($count) : '?';
            match (true) {
                $count === '' || $count === '0' => null,
                preg_match('/^\d{1,2}$/', $count) !== 1 || (int) $count > self::MOST => $this->complaints[(string) $book] = sprintf(
                    'One to %d of a book, not “%s”.',
                    self::MOST,
                    mb_strimwidth(mb_scrub($count), 0, 12, '…'),
                ),
                count($this->counts) >= self::KINDS => $this->complaints[(string) $book] = sprintf(
                    'At most %d different books at once.',
                    self::KINDS,
                ),
                default => $this->counts[(int) $book] = (int) $count,
            };
        }

        return $this->counts;
    }

    /** @return array<string, string> what could not be read, by the number of the book */
    public function complaints(): array
    {
        $this->counts();

        return $this->complaints;
    }
}

<?php

declare(strict_types=1);

namespace App\Club;

use App\Models\Maker;
use Illuminate\Contracts\Validation\ValidationRule;

/** Long enough, and none that everybody tries first (OWASP ASVS 4.0.3, 2.1.1, 2.1.2, 2.1.7). */
final readonly class PassPhrase implements ValidationRule
{
    /**
     * Of twelve characters and more, those that are most often found in lists of stolen ones: from the 30 000 of the package zxcvbn 4.4.2
     * (MIT licence), and some from memory.
     */
    private const OFTEN = 'phrases/often.txt';

    /** @param string $name of the maker, who must not be called so */
    public function __construct(private string $name = '')
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $phrase = is_string($value) ? $value : '';
        $small = mb_strtolower($phrase);
        $complaint = match (true) {
            mb_strlen($phrase) < Maker::SHORTEST => sprintf('At least %d characters: a few words do well.', Maker::SHORTEST),
            mb_strlen($phrase) > Maker::LONGEST => sprintf('At most %d characters.', Maker::LONGEST),
            $this->isOften($small) || $this->isMonotonous($small) => 'That is one of those that are tried first.',
            $this->name !== '' && str_contains($small, mb_strtolower($this->name)) && mb_strlen($phrase) < 2 * mb_strlen($this->name) + 8
                => 'Not your name.',
            default => null,
        };
        if ($complaint !== null) {
            $fail($complaint);
        }
    }

    private function isOften(string $phrase): bool
    {
        return in_array($phrase, file(resource_path(self::OFTEN), FILE_IGNORE_NEW_LINES) ?: [], true);
    }

    /** One character, a few over and over, or a row of them: `aaaa…`, `121212…`, `123456789012`. */
    private function isMonotonous(string $phrase): bool
    {
        $steps = [];
        $codes = array_map(mb_ord(...), mb_str_split($phrase));
        foreach (array_slice($codes, 1) as $index => $code) {
            $steps[] = ($code - $codes[$index] + 10) % 10;
        }

        return count(array_unique($codes)) < 4 || count(array_unique($steps)) < 2;
    }
}

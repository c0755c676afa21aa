<?php

declare(strict_types=1);

namespace App\Club;

use App\Models\Maker;
use Illuminate\Contracts\Validation\ValidationRule;

/** Long enough, and none that everybody tries first (OWASP ASVS 4.0.3, 2.1.1, 2.1.2, 2.1.7). */
final readonly class PassPhrase implements ValidationRule
{
    /** Of twelve characters and more; among those most often found in lists of stolen ones, from memory. */
    private const COMMON = [
        'passwordpassword', 'password1234', 'password12345', 'password123456', 'iloveyouiloveyou', 'qwertyuiop12', 'qwertyuiopas',
        'qwerty123456', 'qwertyuiop123', 'abcdefghijkl', 'abcd1234abcd', 'letmeinletmein', 'adminadminadmin', 'administrator',
        'welcome12345',
        'changemechangeme', 'correcthorsebatterystaple', 'correct horse battery staple', 'trustno1trustno1', 'asdfghjkl123', 'zxcvbnm12345',
        '1q2w3e4r5t6y', '1qaz2wsx3edc', 'unknown12345', 'ephemeron1234', 'ephemeronephemeron',
    ];

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
            in_array($small, self::COMMON, true) || $this->isMonotonous($small) => 'That is one of those that are tried first.',
            $this->name !== '' && str_contains($small, mb_strtolower($this->name)) && mb_strlen($phrase) < 2 * mb_strlen($this->name) + 8
                => 'Not your name.',
            default => null,
        };
        if ($complaint !== null) {
            $fail($complaint);
        }
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

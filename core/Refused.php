<?php

declare(strict_types=1);

namespace Ephemeron;

/** What was refused and what would be taken, beside the sentence that says so. */
final readonly class Refused
{
    /**
     * @param string $value as it was typed, at most 200 characters; empty for nothing
     * @param string $least smallest that is taken, written as a maker would; empty where there is none
     * @param string $most largest that is taken
     * @param list<string> $accepted the words that are taken, where there are only a few
     */
    public function __construct(public string $value = '', public string $least = '', public string $most = '', public array $accepted = [])
    {
    }

    public static function typed(mixed $value): self
    {
        $text = is_scalar($value) ? mb_scrub(is_bool($value) ? ($value ? 'true' : 'false') : (string) $value) : get_debug_type($value);

        return new self(mb_substr($text, 0, 200));
    }

    public function between(string $least, string $most): self
    {
        return new self($this->value, $least, $most, $this->accepted);
    }

    /** @param list<string> $accepted */
    public function insteadOf(array $accepted): self
    {
        return new self($this->value, $this->least, $this->most, $accepted);
    }
}

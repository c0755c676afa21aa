<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Design\InvalidParameter;
use Ephemeron\Measure\Notation;

/** A line of text. */
final readonly class Words implements Shape
{
    /**
     * @param string $else what is said where it is none, or too long
     * @param string $pattern of what it may consist of
     */
    public function __construct(
        private int $least,
        private int $most,
        private string $else,
        private string $pattern = '',
        private bool $orNothing = false,
    ) {
    }

    public function read(mixed $given, Reading $reading, mixed $now): ?string
    {
        if ($this->orNothing && ($given === null || $given === '')) {
            return null;
        }
        $text = is_string($given) || (is_int($given) && $this->pattern !== '') ? trim((string) $given) : null;
        $isRight = $text !== null && mb_check_encoding($text, 'UTF-8') && mb_strlen($text) >= $this->least
            && mb_strlen($text) <= $this->most
            && ($this->pattern === '' || preg_match("~^{$this->pattern}\$~", $text) === 1);

        return $isRight ? $text : throw InvalidParameter::because($this->else);
    }

    public function write(mixed $value, Notation $notation, mixed $usual): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return [
            'type' => ['string', ...($this->pattern === '' ? [] : ['integer']), ...($this->orNothing ? ['null'] : [])],
            ...($this->least > 0 && ! $this->orNothing ? ['minLength' => $this->least] : []),
            'maxLength' => $this->most,
        ];
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/**
 * Something done to parts as they lie that neither covers nor needs a place: dry-fitting, pressing, turning in, trimming, setting aside.
 */
final readonly class Handling implements Act
{
    /**
     * @param list<string> $parts keys
     * @param list<string> $hanging keys of parts that must have been joined before
     * @param int $dry minutes until what comes next
     */
    public function __construct(private ActKind $kind, private array $parts, public int $dry = 0, private array $hanging = [])
    {
    }

    public static function dryFit(string ...$parts): self
    {
        return new self(ActKind::DryFit, array_values($parts));
    }

    public static function setAside(string ...$parts): self
    {
        return new self(ActKind::SetAside, array_values($parts));
    }

    public static function ink(string ...$parts): self
    {
        return new self(ActKind::Ink, array_values($parts), 5);
    }

    public static function turnIn(string ...$parts): self
    {
        return new self(ActKind::TurnIn, array_values($parts));
    }

    /** What stands proud by the ghost of a score comes off, after gluing. */
    public static function trimFlush(string ...$parts): self
    {
        return new self(ActKind::Trim, array_values($parts), hanging: array_values($parts));
    }

    /** Loose parts cut level, lying on each other. */
    public static function trim(string ...$parts): self
    {
        return new self(ActKind::Trim, array_values($parts));
    }

    public static function press(int $minutes, string ...$parts): self
    {
        return new self(ActKind::Press, array_values($parts), $minutes);
    }

    public function kind(): ActKind
    {
        return $this->kind;
    }

    public function parts(): array
    {
        return $this->parts;
    }

    public function needs(): array
    {
        return [];
    }

    public function covers(): array
    {
        return [];
    }

    public function hanging(): array
    {
        return $this->hanging;
    }
}

<?php

declare(strict_types=1);

namespace Ephemeron\Format\Drawn;

/** How a drawing’s own measures lie on its page: x becomes a·x + c·y + e, y becomes b·x + d·y + f. */
final readonly class Transform
{
    private function __construct(
        private float $a = 1.0,
        private float $b = 0.0,
        private float $c = 0.0,
        private float $d = 1.0,
        private float $e = 0.0,
        private float $f = 0.0,
    ) {
    }

    public static function scale(float $by): self
    {
        return new self(a: $by, d: $by);
    }

    /** `translate(3 4) rotate(90)`; what is not known leaves all as it is. */
    public static function parse(string $text): self
    {
        preg_match_all('/(translate|scale|rotate|matrix)\s*\(([^)]*)\)/', $text, $found, PREG_SET_ORDER);
        $all = new self;
        foreach ($found as [, $kind, $list]) {
            $numbers = array_map(floatval(...), preg_split('/[\s,]+/', trim($list)) ?: []);
            [$one, $two] = [$numbers[0] ?? 0.0, $numbers[1] ?? null];
            $all = $all->after(match (true) {
                $kind === 'translate' => new self(e: $one, f: $two ?? 0.0),
                $kind === 'scale' => new self(a: $one, d: $two ?? $one),
                $kind === 'rotate' => self::rotation($one, $two ?? 0.0, $numbers[2] ?? 0.0),
                count($numbers) === 6 => new self(...$numbers),
                default => new self,
            });
        }

        return $all;
    }

    /** What is put through the other first, then through this. */
    public function after(self $other): self
    {
        return new self(
            $this->a * $other->a + $this->c * $other->b,
            $this->b * $other->a + $this->d * $other->b,
            $this->a * $other->c + $this->c * $other->d,
            $this->b * $other->c + $this->d * $other->d,
            $this->a * $other->e + $this->c * $other->f + $this->e,
            $this->b * $other->e + $this->d * $other->f + $this->f,
        );
    }

    /** @return array{float, float} */
    public function apply(float $x, float $y): array
    {
        return [$this->a * $x + $this->c * $y + $this->e, $this->b * $x + $this->d * $y + $this->f];
    }

    private static function rotation(float $degrees, float $x, float $y): self
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $turn = new self($cos, $sin, -$sin, $cos);

        return (new self(e: $x, f: $y))->after($turn)->after(new self(e: -$x, f: -$y));
    }
}

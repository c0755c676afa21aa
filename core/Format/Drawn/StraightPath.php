<?php

declare(strict_types=1);

namespace Ephemeron\Format\Drawn;

/** A path of straight lines: M, L, H, V and Z, in capitals from the origin, in small letters from where the pen is. */
final readonly class StraightPath
{
    /**
     * @param string $data the path’s `d`
     * @return list<list<array{float, float}>>|null the ways of the pen; null where one is curved or cannot be read
     */
    public static function chains(string $data): ?array
    {
        preg_match_all('/([a-z])|([-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?)/i', $data, $found, PREG_SET_ORDER);
        $chains = [];
        $chain = [];
        [$x, $y, $command] = [0.0, 0.0, ''];
        for ($index = 0; $index < count($found);) {
            if (($found[$index][1] ?? '') !== '') {
                $command = $found[$index++][1] ?? '';
                if (strtoupper($command) === 'Z') {
                    $chain = $chain === [] ? [] : [...$chain, $chain[0]];
                    [$x, $y] = $chain[0] ?? [$x, $y];
                    $chains[] = $chain;
                    $chain = $chain === [] ? [] : [[$x, $y]];

                    continue;
                }
            }
            $number = static fn (int $ahead): ?float => isset($found[$index + $ahead][2]) ? (float) $found[$index + $ahead][2] : null;
            $isFromHere = ctype_lower($command);
            [$one, $other] = [$number(0), $number(1)];
            $two = in_array(strtoupper($command), ['M', 'L'], true);
            if ($one === null || ($two && $other === null) || ! in_array(strtoupper($command), ['M', 'L', 'H', 'V'], true)) {
                return null;
            }
            [$x, $y] = match (strtoupper($command)) {
                'H' => [$one + ($isFromHere ? $x : 0.0), $y],
                'V' => [$x, $one + ($isFromHere ? $y : 0.0)],
                default => [$one + ($isFromHere ? $x : 0.0), (float) $other + ($isFromHere ? $y : 0.0)],
            };
            $index += $two ? 2 : 1;
            if (strtoupper($command) === 'M') {
                $chains[] = $chain;
                $chain = [];
                // Further pairs after a move are lines.
                $command = $command === 'M' ? 'L' : 'l';
            }
            $chain[] = [$x, $y];
        }

        return array_values(array_filter([...$chains, $chain], static fn (array $each): bool => count($each) > 1));
    }
}

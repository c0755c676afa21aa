<?php

declare(strict_types=1);

namespace Bench;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;

/**
 * The random classes that two-dimensional bin packing is usually measured on, made anew from their definitions: 1 to 6 of J. O. Berkey and
 * P. Y. Wang, Two-dimensional finite bin-packing algorithms, Journal of the Operational Research Society 38 (1987); 7 to 10 of S. Martello
 * and D. Vigo, Exact solution of the two-dimensional finite bin packing problem, Management Science 44 (1998). Definitions cited from
 * memory; the numbers come from our own seeds, so that the tasks are not those of the papers but of their kind.
 */
final readonly class PublishedClasses
{
    public const ALL = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

    public const SIZES = [20, 40, 60, 100];

    /** Largest side and side of the sheet. */
    private const BERKEY_WANG = [1 => [10, 10], [10, 30], [35, 40], [35, 100], [100, 100], [100, 300]];

    private const SHEET = 100;

    /** A unit of the papers: so many that a tool’s marks make no difference. */
    private const UNIT = 8;

    /** @return array{list<Demand>, non-empty-list<Supply>} demands, each of one piece, and what they are cut from */
    public function task(int $class, int $pieces, bool $turnable, int $seed): array
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(1_000_000 * $class + 1_000 * $pieces + $seed));
        [, $side] = self::BERKEY_WANG[$class] ?? [0, self::SHEET];
        $demands = [];
        for ($piece = 0; $piece < $pieces; $piece++) {
            [$width, $height] = isset(self::BERKEY_WANG[$class])
                ? [$chance->getInt(1, self::BERKEY_WANG[$class][0]), $chance->getInt(1, self::BERKEY_WANG[$class][0])]
                : $this->ofMartelloAndVigo($class - 6, $chance);
            $demands[] = new Demand("P{$piece}", $this->size($width, $height), 1, $turnable);
        }

        return [$demands, [new Supply('Sheet', $this->size($side, $side), Length::zero())]];
    }

    /** Nothing is too narrow to come off, and no cut too long. */
    public function trimmer(): Trimmer
    {
        return new Trimmer(Length::ofTicks(1_000 * self::UNIT), Length::ofTicks(self::UNIT), ToolGrid::Sixteenth);
    }

    /**
     * Seven of ten pieces are of the type that gives the class its name, the others of the other types.
     *
     * @return array{int, int}
     */
    private function ofMartelloAndVigo(int $type, \Random\Randomizer $chance): array
    {
        $one = $chance->getInt(1, 10);
        $others = array_values(array_diff([1, 2, 3, 4], [$type]));
        $half = intdiv(self::SHEET, 2);
        $most = intdiv(2 * self::SHEET + 2, 3);

        return match ($one <= 7 ? $type : $others[$one - 8]) {
            1 => [$chance->getInt($most, self::SHEET), $chance->getInt(1, $half)],
            2 => [$chance->getInt(1, $half), $chance->getInt($most, self::SHEET)],
            3 => [$chance->getInt($half, self::SHEET), $chance->getInt($half, self::SHEET)],
            default => [$chance->getInt(1, $half), $chance->getInt(1, $half)],
        };
    }

    private function size(int $width, int $height): Size
    {
        return new Size(Length::ofTicks($width * self::UNIT), Length::ofTicks($height * self::UNIT));
    }
}

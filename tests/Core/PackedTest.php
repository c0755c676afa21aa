<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What has been worked out is kept and read back: it is the same, and what follows from it is too. */
final class PackedTest extends TestCase
{
    use AnyDesign;
    use Designs;

    #[TestWith(['serialize', 'unserialize'])]
    #[TestWith(['igbinary_serialize', 'igbinary_unserialize'])]
    public function test_places_and_sizes_come_back(string $pack, string $unpack): void
    {
        $again = static fn (mixed $value): mixed => $unpack($pack($value));
        mt_srand(20261127);
        for ($try = 0; $try < 200; $try++) {
            [$x, $y, $wide, $high] = [mt_rand(-99_999, 99_999), mt_rand(-99_999, 99_999), mt_rand(0, 99_999), mt_rand(0, 99_999)];
            $size = new Size(Length::ofTicks($wide), Length::ofTicks($high));
            $area = Rectangle::at(Length::ofTicks($x), Length::ofTicks($y), $size);
            $this->assertEquals([$size, $area->corner(), $area], $again([$size, $area->corner(), $area]));
            $this->assertEquals(new Point(Length::ofTicks($x), Length::ofTicks($y)), $again($area->corner()));
        }
    }

    public function test_a_rectangle_of_a_plan_that_was_stored_earlier_is_read(): void
    {
        $length = static fn (int $ticks): string => 'O:24:"Ephemeron\\Measure\\Length":1:{s:5:"ticks";i:'.$ticks.';}';
        $corner = 'O:24:"Ephemeron\\Geometry\\Point":2:{s:1:"x";'.$length(127).'s:1:"y";'.$length(254).'}';
        $size = 'O:22:"Ephemeron\\Measure\\Size":2:{s:5:"width";'.$length(8_128).'s:6:"height";'.$length(4_064).'}';
        $stored = 'O:28:"Ephemeron\\Geometry\\Rectangle":2:{s:6:"corner";'.$corner.'s:4:"size";'.$size.'}';
        $this->assertEquals(Rectangle::at(Length::ofTicks(127), Length::ofTicks(254), Size::inches(1, 0.5)), unserialize($stored));
    }

    public function test_from_a_blueprint_that_was_kept_the_same_plan_follows(): void
    {
        mt_srand(7);
        $workshop = Workshop::ofTheHouse();
        $again = static fn (object $value): mixed => igbinary_unserialize((string) igbinary_serialize($value));
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $blueprint = $workshop->blueprint($this->buildable($structure));
            $this->assertTrue($blueprint == $again($blueprint), $structure);
            $design = $this->design($structure);
            $plan = $workshop->plan($design);
            $this->assertTrue($plan == $workshop->plan($design, blueprint: $again($workshop->blueprint($design))), $structure);
            $this->assertTrue($plan == $again($plan), $structure);
        }
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\Addresses;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class AddressesTest extends TestCase
{
    #[TestWith(['cut.pattern', [7, Addresses::EACH], 'sheet-1f0c-2'])]
    #[TestWith(['opening.small', [7, Addresses::EACH], 12])]
    #[TestWith(['export.pattern', [7, Addresses::EACH, 'dxf'], 'AB'])]
    public function test_they_are_those_of_the_route(string $route, array $parameters, string|int $part): void
    {
        $written = array_map(static fn (mixed $each): mixed => $each === Addresses::EACH ? $part : $each, $parameters);
        $this->assertSame(route($route, $written), (new Addresses($route, ...$parameters))->of($part));
    }
}

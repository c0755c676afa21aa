<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

final class RehearseTest extends TestCase
{
    public function test_every_example_comes_together(): void
    {
        foreach (glob(base_path('docs/examples/*.json')) ?: [] as $file) {
            $this->assertSame(0, Artisan::call('ephemeron:rehearse', ['file' => $file]), $file);
        }
        $said = Artisan::output();
        $this->assertStringContainsString('It comes together.', $said);
        $this->assertStringContainsString('on the table: ', $said);
    }

    public function test_a_file_that_is_none_is_refused(): void
    {
        $this->artisan('ephemeron:rehearse', ['file' => 'no-such-file'])->assertExitCode(2);
    }

    public function test_a_plan_in_json_has_its_acts(): void
    {
        Artisan::call('ephemeron:plan', ['file' => base_path('docs/examples/nested-gusset-album.json'), '--json' => true]);
        $plan = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
        $steps = array_column($plan['steps'], null, 'key');
        $nest = $steps['nest-1'];
        $this->assertSame(
            ['glue', ['A', 'B'], 'tape', ['gusset', 'gusset'], 'B', 'A', 0],
            [...array_map(
                static fn (string $key): mixed => $nest['acts'][0][$key],
                ['kind', 'parts', 'with', 'panels', 'side', 'onto', 'dryMinutes']
            )],
        );
        $this->assertContains('fold-sheet-1', $nest['needs']);
        $pocket = $steps['pockets-top']['acts'][0];
        $this->assertSame([['right', 'bottom', 'left'], 'top', 30], [$pocket['edges'], $pocket['opens'], $pocket['dryMinutes']]);
        $this->assertContains('page-2', $steps['pockets-top']['covers']);
        $this->assertContains('notch-page-2/pocket-1', $steps['pockets-top']['needs']);
        $this->assertContains('ribbon', $steps['mat-covers']['needs']);
    }
}

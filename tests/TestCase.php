<?php

declare(strict_types=1);

namespace Tests;

use App\History\History;
use App\Jobs\KeepDailyCopy;
use App\Models\Project;
use App\Planning\Plans;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Queue;

abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        // The daily copy is made beside the requests, and never within a transaction.
        Queue::fake([KeepDailyCopy::class]);
        // What is remembered is written and read back, as it is in a file.
        config(['cache.stores.array.serialize' => true]);
    }

    /** The key of a sheet of the paper that plays a role, the first one unless another is asked for. */
    protected function sheetKey(Project $project, string $role, int $number = 0): string
    {
        foreach (app(Plans::class)->plan($project->refresh())->stocks as $stock) {
            if (in_array($role, $stock->roles, true)) {
                return $stock->cuts->patterns[$number]->key;
            }
        }
        $this->fail("No paper is {$role}.");
    }

    /** @return array{event: int|null} what an undo or a redo names */
    protected function lastEvent(Project $project, bool $undone = false): array
    {
        $history = app(History::class);

        return ['event' => ($undone ? $history->lastUndone($project) : $history->lastDone($project))?->id];
    }
}

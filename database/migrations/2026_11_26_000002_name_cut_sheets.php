<?php

declare(strict_types=1);

use App\Planning\CutSheetsByPosition;
use Illuminate\Database\Migrations\Migration;

/** Sheets that are cut were known by their position in the plan; from now on by what they are, and by the plan they were begun with. */
return new class extends Migration {
    public function up(): void
    {
        app(CutSheetsByPosition::class)->name();
    }

    public function down(): void
    {
        // The plans of then are not known any more.
    }
};

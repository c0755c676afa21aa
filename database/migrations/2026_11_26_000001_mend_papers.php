<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An early form of 2026_11_25_000001 lacked these columns. */
return new class extends Migration {
    public function up(): void
    {
        $missing = array_filter(['cut_left', 'cut_top', 'thickness', 'swatch_b'], static fn (string $column): bool => ! Schema::hasColumn('papers', $column));
        Schema::table('papers', function (Blueprint $table) use ($missing): void {
            foreach ($missing as $column) {
                match ($column) {
                    'swatch_b' => $table->string($column, 7)->default(''),
                    'thickness' => $table->unsignedInteger($column)->nullable(),
                    default => $table->unsignedInteger($column)->default(0),
                };
            }
        });
    }

    public function down(): void
    {
        // They belong to the migration that is mended here.
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('notes', function (Blueprint $table): void {
            // Where not the piece was measured but from fold to fold: which panel. The scoring board did that, not the trimmer.
            $table->string('panel', 80)->nullable();
            // Tight or loose in its place: what the hand wants, whatever it was cut to.
            $table->boolean('is_play')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('notes', function (Blueprint $table): void {
            $table->dropColumn(['panel', 'is_play']);
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('makers', static function (Blueprint $table): void {
            // By the keeper of the shelf, to be changed by the maker; and when each was last there and last changed.
            $table->boolean('phrase_is_given')->default(false);
            $table->timestamp('phrase_at')->nullable();
            $table->timestamp('seen_at')->nullable();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('own_structures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('maker_id')->nullable()->constrained()->cascadeOnDelete();
            // It says what the structure is: the same one has the same key on every shelf.
            $table->string('key', 40)->index();
            $table->string('name');
            $table->json('file');
            // Taken out of the catalogue it still carries the books that were begun with it.
            $table->boolean('is_listed')->default(true);
            $table->timestamps();
        });
    }
};

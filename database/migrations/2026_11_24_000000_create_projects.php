<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('projects', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->json('design');
            // Counts every write, undo included: a save names the revision it started from.
            $table->unsignedInteger('revision')->default(1);
            // Which of the versions the design is at; the ones after it can be redone.
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('change', 200);
            $table->json('design');
            $table->timestamp('created_at')->nullable();
            $table->unique(['project_id', 'number']);
        });
        Schema::create('ticks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('key', 200);
            $table->timestamp('created_at')->nullable();
            $table->unique(['project_id', 'key']);
        });
        Schema::create('notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('step', 200);
            $table->string('text', 500);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('notes');
        Schema::dropIfExists('ticks');
        Schema::dropIfExists('versions');
        Schema::dropIfExists('projects');
    }
};

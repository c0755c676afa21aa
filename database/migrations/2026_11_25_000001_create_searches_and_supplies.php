<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // As Laravel's own database queue wants it.
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('plan_searches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('key', 64);
            $table->string('state', 12);
            $table->unsignedTinyInteger('share')->default(0);
            $table->unsignedInteger('sheets')->nullable();
            $table->unsignedInteger('bound')->nullable();
            $table->longText('plan')->nullable();
            $table->boolean('taken')->default(false);
            $table->timestamps();
            $table->unique(['project_id', 'key']);
        });
        Schema::create('offcut_choices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('step', 120);
            $table->unsignedSmallInteger('offcut');
            $table->boolean('keep');
            $table->timestamps();
            $table->unique(['project_id', 'step', 'offcut']);
        });
        Schema::create('supplies', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('kind', 20)->index();
            $table->unsignedInteger('count')->default(0);
            // Ticks; null for what is counted.
            $table->unsignedBigInteger('length')->nullable();
            $table->unsignedInteger('cents')->default(0);
            $table->string('place', 80)->default('');
            $table->timestamps();
        });
        Schema::table('papers', function (Blueprint $table): void {
            $table->string('picture_b', 80)->nullable();
            // Where on the sheet a leftover was cut from, so that it shows its part of the picture; ticks from the upper left.
            $table->unsignedInteger('cut_left')->default(0);
            $table->unsignedInteger('cut_top')->default(0);
            // Measured, in ticks; null: it follows from the weight.
            $table->unsignedInteger('thickness')->nullable();
            $table->string('swatch_b', 7)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('papers', function (Blueprint $table): void {
            $table->dropColumn(['picture_b', 'cut_left', 'cut_top', 'thickness', 'swatch_b']);
        });
        Schema::dropIfExists('supplies');
        Schema::dropIfExists('offcut_choices');
        Schema::dropIfExists('plan_searches');
        Schema::dropIfExists('jobs');
    }
};

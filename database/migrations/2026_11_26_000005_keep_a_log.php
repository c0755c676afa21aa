<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('notes', function (Blueprint $table): void {
            // A measurement: which side of which piece, planned and come, in ticks.
            $table->string('part', 200)->nullable();
            $table->string('axis', 6)->nullable();
            $table->unsignedInteger('planned')->nullable();
            $table->unsignedInteger('came')->nullable();
            $table->string('photo', 80)->nullable();
        });
        Schema::create('step_times', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('step', 200);
            $table->unsignedInteger('seconds')->default(0);
            // While the clock runs; at most one step of a book has one.
            $table->timestamp('running_since')->nullable();
            $table->timestamps();
            $table->unique(['project_id', 'step']);
        });
        Schema::table('projects', function (Blueprint $table): void {
            // What to do differently, for the next copy.
            $table->text('lesson')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('projects', function (Blueprint $table): void {
            $table->dropColumn('lesson');
        });
        Schema::dropIfExists('step_times');
        Schema::table('notes', function (Blueprint $table): void {
            $table->dropColumn(['part', 'axis', 'planned', 'came', 'photo']);
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('papers', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80)->index();
            $table->string('kind', 20)->index();
            $table->string('pad', 80)->default('')->index();
            $table->foreignId('parent_id')->nullable()->constrained('papers')->nullOnDelete();
            // Ticks of 3.125 µm, so that inches and millimetres are exact.
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->unsignedInteger('selvage')->default(0);
            $table->string('weight', 40);
            $table->string('sides', 10)->default('double');
            $table->string('direction', 10)->default('none');
            $table->string('grain', 10)->default('unknown');
            $table->unsignedInteger('count')->default(0);
            $table->unsignedInteger('cents')->default(0);
            $table->string('place', 80)->default('');
            $table->string('tags', 200)->default('');
            $table->string('swatch', 7)->default('');
            $table->string('picture', 80)->nullable();
            $table->timestamps();
        });
        Schema::create('paper_movements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('paper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('project_id')->nullable()->constrained()->nullOnDelete();
            $table->string('step', 120)->nullable();
            $table->integer('change');
            $table->string('why', 200);
            $table->timestamp('created_at')->useCurrent();
            $table->index(['project_id', 'step']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('paper_movements');
        Schema::dropIfExists('papers');
    }
};

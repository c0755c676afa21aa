<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('kind', 20);
            $table->string('sentence', 200);
            $table->json('before');
            $table->json('after');
            $table->boolean('undone')->default(false);
            $table->timestamp('created_at')->nullable();
            $table->unique(['project_id', 'number']);
        });
        Schema::create('cut_works', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->json('plan');
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('spoiled_pieces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('sheet', 40);
            $table->string('piece', 200);
            $table->unsignedSmallInteger('count');
            $table->unique(['project_id', 'sheet', 'piece']);
        });
        Schema::table('projects', function (Blueprint $table): void {
            // A batch of so many books is a project of its own that belongs to another.
            $table->unsignedSmallInteger('copies')->default(1);
            $table->foreignId('batch_of')->nullable()->constrained('projects')->nullOnDelete();
        });
        foreach (['papers', 'supplies'] as $kept) {
            Schema::table($kept, function (Blueprint $table): void {
                $table->softDeletes();
            });
        }
        Schema::table('notes', function (Blueprint $table): void {
            // Stays the same when a struck note comes back.
            $table->string('mark', 26)->default('')->index();
        });
        DB::table('notes')->update(['mark' => DB::raw("'note-' || id")]);
        $this->historyOfDesigns();
    }

    /** The versions there are become the first events. */
    private function historyOfDesigns(): void
    {
        foreach (DB::table('projects')->get(['id', 'version']) as $project) {
            foreach (DB::table('versions')->where('project_id', $project->id)->where('number', '>', 1)->orderBy('number')->get() as $version) {
                if (! DB::table('versions')->where('project_id', $project->id)->where('number', $version->number - 1)->exists()) {
                    continue;
                }
                DB::table('events')->insert([
                    'project_id' => $project->id,
                    'number' => $version->number - 1,
                    'kind' => 'design',
                    'sentence' => $version->change,
                    'before' => json_encode(['version' => $version->number - 1]),
                    'after' => json_encode(['version' => $version->number]),
                    'undone' => $version->number > $project->version,
                    'created_at' => $version->created_at,
                ]);
            }
        }
    }

    public function down(): void
    {
        foreach (['papers', 'supplies'] as $kept) {
            Schema::table($kept, function (Blueprint $table): void {
                $table->dropSoftDeletes();
            });
        }
        Schema::table('notes', function (Blueprint $table): void {
            $table->dropColumn('mark');
        });
        Schema::table('projects', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('batch_of');
            $table->dropColumn('copies');
        });
        Schema::dropIfExists('spoiled_pieces');
        Schema::dropIfExists('cut_works');
        Schema::dropIfExists('events');
    }
};

<?php

declare(strict_types=1);

use App\Drawer\NaturalOrder;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('papers', function (Blueprint $table): void {
            // What sheets of it are kept for, and how many; 0: all of them.
            $table->string('set_aside', 12)->default('');
            $table->unsignedSmallInteger('set_aside_count')->default(0);
            // Cards printed on side A, to be cut apart; lengths in ticks.
            $table->json('cards')->nullable();
            $table->string('sort_name', 200)->default('')->index();
        });
        foreach (DB::table('papers')->get(['id', 'name']) as $paper) {
            DB::table('papers')->where('id', $paper->id)->update(['sort_name' => NaturalOrder::key((string) $paper->name)]);
        }
    }

    public function down(): void
    {
        Schema::table('papers', function (Blueprint $table): void {
            $table->dropIndex(['sort_name']);
            $table->dropColumn(['set_aside', 'set_aside_count', 'cards', 'sort_name']);
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a paper is for the leaves of a journal: kind, text, room to write, bag. Null where nobody has said so. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('papers', static fn (Blueprint $table) => $table->json('leaf')->nullable());
    }

    public function down(): void
    {
        Schema::table('papers', static fn (Blueprint $table) => $table->dropColumn('leaf'));
    }
};

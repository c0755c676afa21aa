<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    private const TABLES = ['papers', 'supplies', 'departures'];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->unsignedBigInteger('mills')->default(0);
            });
            DB::table($name)->update(['mills' => DB::raw('cents * 10')]);
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropColumn('cents');
            });
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->unsignedInteger('cents')->default(0);
            });
            DB::table($name)->update(['cents' => DB::raw('mills / 10')]);
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropColumn('mills');
            });
        }
    }
};

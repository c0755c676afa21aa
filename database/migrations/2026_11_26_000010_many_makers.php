<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    private const OWNED = ['projects', 'papers', 'supplies'];

    public function up(): void
    {
        Schema::create('makers', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->string('password');
            $table->rememberToken();
            $table->boolean('keeper')->default(false);
            $table->timestamp('left_at')->nullable();
            $table->timestamps();
        });
        foreach (self::OWNED as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->foreignId('maker_id')->nullable()->index()->constrained('makers');
            });
        }
        Schema::create('choices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('maker_id')->nullable()->constrained('makers')->cascadeOnDelete();
            $table->string('key', 40);
            $table->string('value', 200);
            $table->timestamps();
            $table->unique(['maker_id', 'key']);
        });
        DB::table('choices')->insertUsing(
            ['key', 'value', 'created_at', 'updated_at'],
            DB::table('settings')->select('key', 'value', 'created_at', 'updated_at'),
        );
        Schema::drop('settings');
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('shares', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('token', 64)->unique();
            $table->timestamp('created_at')->nullable();
        });
        Schema::table('projects', static function (Blueprint $table): void {
            $table->timestamp('published_at')->nullable();
        });
        Schema::create('circles', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->timestamps();
        });
        foreach (['circle_maker', 'lendings'] as $name) {
            Schema::create($name, static function (Blueprint $table): void {
                $table->foreignId('circle_id')->constrained()->cascadeOnDelete();
                $table->foreignId('maker_id')->constrained()->cascadeOnDelete();
                $table->primary(['circle_id', 'maker_id']);
            });
        }
        Schema::create('devices', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('token', 64)->unique();
            $table->timestamp('seen_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['devices', 'lendings', 'circle_maker', 'circles', 'shares', 'sessions'] as $name) {
            Schema::drop($name);
        }
        Schema::table('projects', static function (Blueprint $table): void {
            $table->dropColumn('published_at');
        });
        Schema::create('settings', static function (Blueprint $table): void {
            $table->string('key', 40)->primary();
            $table->string('value', 200);
            $table->timestamps();
        });
        DB::table('settings')->insertUsing(
            ['key', 'value', 'created_at', 'updated_at'],
            DB::table('choices')->whereNull('maker_id')->select('key', 'value', 'created_at', 'updated_at'),
        );
        Schema::drop('choices');
        foreach (self::OWNED as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropConstrainedForeignId('maker_id');
            });
        }
        Schema::drop('makers');
    }
};

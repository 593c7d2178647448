<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Files of rows that are taken in: how their columns are read, each row as it was understood, and what came of it. */
return new class extends Migration
{
    private const TAKEN_IN = ['sessions', 'trials', 'health_entries', 'events', 'home_reps'];

    public function up(): void
    {
        Schema::create('imports', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->comment('who brought it')->constrained();
            $table->string('kind', 20);
            $table->string('name', 200)->comment('of the file');
            $table->string('file', 60);
            $table->string('state', 20);
            $table->json('head')->comment('the first row');
            $table->json('matching');
            $table->json('counts')->nullable();
            $table->string('problem', 40)->default('');
            $table->dateTime('finished_at')->nullable();
            $table->timestamps();
            $table->index(['practice_id', 'id']);
        });
        Schema::create('import_rows', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('import_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number')->comment('in the file, from 1');
            $table->string('state', 10);
            $table->uuid('uuid')->nullable();
            $table->string('session', 64)->default('')->comment('what belongs to one session');
            $table->dateTime('occurs_at')->nullable();
            $table->json('data');
            $table->index(['import_id', 'state', 'session', 'occurs_at', 'number']);
            $table->index(['import_id', 'state', 'number']);
        });
        Schema::table('sessions', static function (Blueprint $table): void {
            $table->uuid('import_key')->nullable()->comment('of a session that was imported: plan, person, place and day');
            $table->unique(['practice_id', 'import_key']);
        });
        foreach (self::TAKEN_IN as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->foreignId('import_id')->nullable()->constrained();
            });
        }
        Schema::table('health_entries', static function (Blueprint $table): void {
            $table->uuid('uuid')->nullable();
            $table->unique(['practice_id', 'uuid']);
        });
    }

    public function down(): void
    {
        if (DB::table('imports')->exists()) {
            throw new RuntimeException('Imports could no longer be undone: restore a backup to go back.');
        }
        Schema::table('health_entries', static function (Blueprint $table): void {
            $table->dropUnique(['practice_id', 'uuid']);
            $table->dropColumn('uuid');
        });
        foreach (self::TAKEN_IN as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->dropConstrainedForeignId('import_id'));
        }
        Schema::table('sessions', static function (Blueprint $table): void {
            $table->dropUnique(['practice_id', 'import_key']);
            $table->dropColumn('import_key');
        });
        Schema::dropIfExists('import_rows');
        Schema::dropIfExists('imports');
    }
};

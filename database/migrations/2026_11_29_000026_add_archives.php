<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Archives of a whole practice; a calendar's identifier is one of its practice, so that a practice can be restored beside itself. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('archives', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->comment('who asked')->constrained();
            $table->unsignedTinyInteger('progress')->default(0);
            $table->boolean('has_failed')->default(false);
            $table->string('file', 60)->nullable();
            $table->unsignedBigInteger('bytes')->default(0);
            $table->string('checksum', 64)->default('')->comment('over the data, not the file: the same practice has the same');
            $table->dateTime('made_at');
        });
        Schema::table('appointments', static function (Blueprint $table): void {
            $table->unique(['practice_id', 'uuid']);
            $table->dropUnique(['uuid']);
        });
    }

    public function down(): void
    {
        Schema::table('appointments', static function (Blueprint $table): void {
            $table->unique('uuid');
            $table->dropUnique(['practice_id', 'uuid']);
        });
        Schema::dropIfExists('archives');
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A helper's screen of one session, and the passes counted on it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('session_helpers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('session_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('token', 64)->unique()->comment('hash');
            $table->boolean('wears_muzzle');
            $table->string('word', 16)->default('stop');
            $table->dateTime('word_at', 3);
            $table->dateTime('seen_at', 3)->nullable()->comment('last sign of life of the helper\'s device');
        });
        Schema::create('helper_passes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('session_id')->constrained()->cascadeOnDelete();
            $table->uuid('uuid');
            $table->dateTime('passed_at', 3);
            $table->unique(['practice_id', 'uuid']);
        });
    }

    public function down(): void
    {
        Schema::drop('helper_passes');
        Schema::drop('session_helpers');
    }
};

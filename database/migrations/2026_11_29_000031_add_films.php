<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Films stay where they were taken: only what they are known by, and what was seen on them, is kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('films', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('name', 120);
            $table->unsignedInteger('length_ms');
            $table->unsignedInteger('frame_us')->comment('from one picture to the next, microseconds');
            $table->char('fingerprint', 64);
            $table->foreignId('session_id')->nullable()->constrained();
            $table->unsignedInteger('aligned_ms')->nullable()->comment('a moment of the film…');
            $table->dateTime('aligned_at', 3)->nullable()->comment('…and when that was');
            $table->dateTime('added_at');
            $table->unique(['dog_id', 'fingerprint', 'length_ms']);
        });
        Schema::create('film_records', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('film_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 10)->comment('graded, again or settled');
            $table->json('seen');
            $table->unsignedInteger('version')->default(0)->comment('counts up with every change');
            $table->dateTime('changed_at', 3);
            $table->dateTime('finished_at', 3)->nullable();
            $table->index(['film_id', 'kind', 'user_id']);
            $table->index(['user_id', 'kind']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('film_records');
        Schema::dropIfExists('films');
    }
};

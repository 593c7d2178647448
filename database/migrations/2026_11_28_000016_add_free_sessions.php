<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sessions without a ladder, what was seen in them, and what was put right about that. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('free_sessions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('place_id')->nullable()->constrained();
            $table->uuid('uuid');
            $table->string('activity', 16);
            $table->string('skill', 32)->nullable();
            $table->boolean('is_woken')->default(false);
            $table->dateTime('started_at', 3);
            $table->dateTime('ended_at', 3)->nullable();
            $table->string('end_note', 500)->nullable();
            $table->unique(['practice_id', 'uuid']);
            $table->index(['dog_id', 'started_at']);
        });
        Schema::create('observations', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('free_session_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->uuid('uuid');
            $table->string('kind', 16);
            $table->dateTime('occurred_at', 3);
            $table->decimal('seconds', 7, 1)->nullable();
            $table->string('what', 60)->default('');
            $table->string('side', 8)->default('');
            $table->unsignedTinyInteger('band')->nullable();
            $table->string('signs', 300)->default('')->comment('codes, joined by semicolons');
            $table->unique(['practice_id', 'uuid']);
            $table->index(['free_session_id', 'occurred_at']);
        });
        Schema::create('observation_corrections', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('observation_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->uuid('uuid');
            $table->json('changes')->comment('what, band, side, seconds, isOut: only those that were put right');
            $table->dateTime('made_at', 3);
            $table->unique(['practice_id', 'uuid']);
        });
    }

    public function down(): void
    {
        Schema::drop('observation_corrections');
        Schema::drop('observations');
        Schema::drop('free_sessions');
    }
};

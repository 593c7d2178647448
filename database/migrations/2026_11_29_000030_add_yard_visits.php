<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Visits of the practice yard: a seed and what was done are all of one. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('yard_visits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('dog', 20);
            $table->unsignedInteger('seed');
            $table->json('acts');
            $table->unsignedInteger('from_ms')->default(0)->comment('where it goes on from an earlier one');
            $table->double('guess_meters')->nullable()->comment('working distance, as the learner saw it');
            $table->dateTime('started_at');
            $table->dateTime('ended_at')->nullable();
            $table->index(['user_id', 'dog', 'ended_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('yard_visits');
    }
};

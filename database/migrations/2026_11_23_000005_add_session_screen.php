<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sessions', function (Blueprint $table): void {
            $table->string('kind', 12)->default('ladder')->comment('ladder, acclimatize or drill');
            $table->json('checklist')->nullable()->comment('what was looked at before the first trial');
            $table->double('upset')->default(0)->comment('points of upset carried over into it, a working guess');
            $table->json('report')->nullable()->comment('how it went, as told at its end');
            $table->uuid('device')->nullable()->comment('the device that logs; others look on and grade');
            $table->dateTime('device_since', 3)->nullable();
            $table->longText('state')->nullable()->comment('what devices show of it, as of its latest write; derived');
        });
        Schema::table('trials', function (Blueprint $table): void {
            $table->unsignedInteger('stare_ms')->nullable()->after('latency_ms');
            $table->uuid('device')->nullable()->after('user_id');
        });
        // what happened in a session besides trials; append-only, each once by its UUID
        Schema::create('moments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('session_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->uuid('uuid');
            $table->string('kind', 16);
            $table->json('data')->nullable();
            $table->dateTime('occurred_at', 3);
            $table->unique(['practice_id', 'uuid']);
            $table->index(['session_id', 'occurred_at']);
        });
        Schema::create('second_grades', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('trial_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->uuid('uuid');
            $table->unsignedTinyInteger('band');
            $table->dateTime('graded_at', 3);
            $table->unique(['practice_id', 'uuid']);
            $table->unique(['trial_id', 'user_id']);
        });
    }
};

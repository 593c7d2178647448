<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rounds of marker timing, and how late taps of a device come. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('timing_devices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('device', 36)->comment('made up by the browser');
            $table->string('mark_by', 10)->comment('tap or sound');
            $table->integer('delay_ms');
            $table->unsignedInteger('spread_ms');
            $table->dateTime('measured_at');
            $table->unique(['user_id', 'device', 'mark_by']);
        });
        Schema::create('timing_rounds', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('drill', 30);
            $table->string('mark_by', 10)->comment('tap, clicker or word');
            $table->unsignedInteger('seed');
            $table->integer('delay_ms');
            $table->unsignedInteger('spread_ms');
            $table->json('parts')->comment('what the drawn dog did, part by part');
            $table->json('taps');
            $table->double('share')->nullable()->comment('of what was there to mark, on it or right after it');
            $table->integer('offset_ms')->nullable()->comment('median after its start');
            $table->dateTime('started_at');
            $table->dateTime('ended_at')->nullable();
            $table->index(['user_id', 'drill', 'ended_at']);
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->boolean('shows_timing')->default(false)->comment('whether owners may see their practice of marker timing');
        });
    }

    public function down(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('shows_timing');
        });
        Schema::dropIfExists('timing_rounds');
        Schema::dropIfExists('timing_devices');
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Language, units and clock by user with the practice's default; what was stored as sentences becomes codes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('practices', static function (Blueprint $table): void {
            $table->string('language', 3)->default('en');
            $table->string('distance_unit', 2)->default('m');
            $table->boolean('is_imperial')->default(false);
            $table->boolean('is_clock24')->default(false);
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('language', 3)->nullable();
            $table->string('distance_unit', 2)->nullable()->default(null)->change();
            $table->boolean('is_imperial')->nullable();
            $table->boolean('is_clock24')->nullable();
        });
        Schema::table('steps', static function (Blueprint $table): void {
            $table->boolean('is_on_the_way')->default(false);
        });
        DB::statement(
            "UPDATE steps SET is_on_the_way = 1, instruction = SUBSTRING(instruction, 16) WHERE instruction LIKE 'On the way to: %'",
        );
        DB::statement("UPDATE plan_versions SET steps = REPLACE(steps, '\"do\":\"On the way to: ', '\"onTheWay\":true,\"do\":\"')");
        DB::statement(
            "UPDATE plans SET resting_reason = IF(resting_reason LIKE '%bite%', 'bite', 'incident') WHERE resting_reason IS NOT NULL",
        );
        DB::statement("UPDATE advice SET action = 'peek' WHERE action = 'probe'");
        DB::statement("UPDATE trials SET under_action = 'peek' WHERE under_action = 'probe'");
        // worked out anew when it is next asked for, with codes in place of sentences
        DB::statement('UPDATE sessions SET state = NULL WHERE ended_at IS NULL');
    }

    public function down(): void
    {
        throw new RuntimeException('What was stored as sentences is codes now: restore a backup to go back.');
    }
};

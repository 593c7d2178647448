<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tables and columns say what the code says: events of a session, what a plan handed over, and the risks it caps. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::rename('moments', 'session_events');
        Schema::table('plans', static function (Blueprint $table): void {
            $table->renameColumn('given_from', 'handed_over_from');
            $table->renameColumn('given_held', 'handed_over_held');
            $table->renameColumn('strain_limit', 'strain_cap');
            $table->renameColumn('reaction_limit', 'reaction_cap');
        });
        // what an unfinished session shows to a device is worked out anew
        DB::statement('UPDATE sessions SET state = NULL WHERE ended_at IS NULL');
    }

    public function down(): void
    {
        Schema::rename('session_events', 'moments');
        Schema::table('plans', static function (Blueprint $table): void {
            $table->renameColumn('handed_over_from', 'given_from');
            $table->renameColumn('handed_over_held', 'given_held');
            $table->renameColumn('strain_cap', 'strain_limit');
            $table->renameColumn('reaction_cap', 'reaction_limit');
        });
    }
};

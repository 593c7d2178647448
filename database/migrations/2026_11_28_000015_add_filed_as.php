<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The trial that an unfiled one became, so that filing it can be taken back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('unplaced_trials', static function (Blueprint $table): void {
            $table->foreignId('trial_id')->nullable()->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('unplaced_trials', static fn (Blueprint $table) => $table->dropConstrainedForeignId('trial_id'));
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where a dog that may hide its signs was told to be quiet, nearer than where it reacted: a fact, and no evidence. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('response_models', static function (Blueprint $table): void {
            $table->double('quiet_at_meters')->nullable()->after('fine_at_meters');
        });
    }

    public function down(): void
    {
        Schema::table('response_models', static fn (Blueprint $table) => $table->dropColumn('quiet_at_meters'));
    }
};

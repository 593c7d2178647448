<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who or what was met in a trial, trait by trait, and of which kind a handler's slip was. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('trial_traits', static function (Blueprint $table): void {
            $table->foreignId('trial_id')->constrained();
            $table->string('trait', 40)->comment('a known one by its key, or as somebody typed it');
            $table->primary(['trial_id', 'trait']);
        });
        Schema::table('trials', static function (Blueprint $table): void {
            $table->string('slip', 16)->nullable()->after('handler_error');
        });
    }

    public function down(): void
    {
        Schema::drop('trial_traits');
        Schema::table('trials', static fn (Blueprint $table) => $table->dropColumn('slip'));
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('observations', static function (Blueprint $table): void {
            $table->string('setup', 200)->default('')->after('signs')
                ->comment('how a part was touched: dimension=choice, joined by semicolons');
        });
        Schema::table('trials', static function (Blueprint $table): void {
            $table->string('stare_at', 60)->default('')->after('stare_ms')->comment('what it stared at, where somebody said');
            $table->unsignedInteger('paid_ms')->nullable()->after('latency_ms')->comment('from the mark to the food');
        });
    }

    public function down(): void
    {
        Schema::table('trials', static fn (Blueprint $table) => $table->dropColumn(['stare_at', 'paid_ms']));
        Schema::table('observations', static fn (Blueprint $table) => $table->dropColumn('setup'));
    }
};

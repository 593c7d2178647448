<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('practices', static function (Blueprint $table): void {
            $table->json('own_priors')->nullable()
                ->comment('by kind of plan: gaps and slopes that the practice’s own dogs have in common; null for the usual ones');
        });
    }

    public function down(): void
    {
        Schema::table('practices', static fn (Blueprint $table) => $table->dropColumn('own_priors'));
    }
};

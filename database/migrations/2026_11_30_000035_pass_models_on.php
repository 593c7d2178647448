<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('response_models', static function (Blueprint $table): void {
            $table->json('inherited')->nullable()->after('quiet_at_meters')
                ->comment('priors from another person’s model of the same: level, gaps, slopes');
        });
    }

    public function down(): void
    {
        Schema::table('response_models', static fn (Blueprint $table) => $table->dropColumn('inherited'));
    }
};

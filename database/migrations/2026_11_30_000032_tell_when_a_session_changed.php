<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When what others learn of a session changed last: whoever keeps something of it sees so from an index alone. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sessions', static function (Blueprint $table): void {
            $table->dateTime('revised_at', 6)->nullable()->comment('when its evidence was written last; derived');
            $table->index(['plan_id', 'revised_at']);
        });
    }

    public function down(): void
    {
        Schema::table('sessions', static function (Blueprint $table): void {
            $table->dropIndex(['plan_id', 'revised_at']);
            $table->dropColumn('revised_at');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('steps', static function (Blueprint $table): void {
            $table->string('strands', 60)->default('')->after('eyes')
                ->comment('what it is about, with spaces between; empty for a ladder of one piece');
        });
        // that a step was put between was never stored: it says what the next one says
        DB::statement("UPDATE steps JOIN steps AS next_step ON next_step.plan_id = steps.plan_id AND next_step.position = steps.position + 1
            AND next_step.retired_at IS NULL SET steps.is_on_the_way = 1
            WHERE steps.retired_at IS NULL AND steps.instruction <> '' AND steps.instruction = next_step.instruction");
    }

    public function down(): void
    {
        Schema::table('steps', static fn (Blueprint $table) => $table->dropColumn('strands'));
    }
};

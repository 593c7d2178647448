<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a plan may go on, as somebody asked: worked out in parts. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plan_futures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('plan_id')->constrained();
            $table->foreignId('user_id')->comment('who asked')->constrained();
            $table->unsignedInteger('seed');
            $table->json('changes')->comment('what was asked about; empty for the plan as it is');
            $table->json('ways')->comment('those worked out so far');
            $table->boolean('has_failed')->default(false);
            $table->dateTime('asked_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('plan_futures');
    }
};

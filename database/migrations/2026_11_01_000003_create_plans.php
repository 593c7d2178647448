<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('response_model_id')->constrained();
            $table->foreignId('place_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('created_by')->constrained('users');
            $table->string('name', 120);
            $table->string('method', 32);
            $table->decimal('strain_limit', 5, 4);
            $table->decimal('reaction_limit', 5, 4);
            $table->unsignedTinyInteger('most_advances');
            $table->unsignedTinyInteger('set_minutes');
            $table->unsignedTinyInteger('session_minutes');
            $table->unsignedTinyInteger('most_trials');
            $table->string('resting_reason', 300)->nullable()->comment('the plan gives no advice until a named user has reviewed it');
            $table->foreignId('reviewed_by')->nullable()->constrained('users');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['practice_id', 'deleted_at']);
        });
        Schema::create('steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->constrained();
            $table->unsignedSmallInteger('position');
            $table->unsignedTinyInteger('run_length');
            $table->boolean('is_new_behavior')->default(false);
            $table->unique(['plan_id', 'position']);
        });
        Schema::create('step_exposures', function (Blueprint $table): void {
            $table->foreignId('step_id')->constrained()->cascadeOnDelete();
            $table->string('dimension', 40);
            $table->decimal('number', 10, 4)->nullable();
            $table->string('choice', 40)->nullable();
            $table->primary(['step_id', 'dimension']);
        });
    }
};

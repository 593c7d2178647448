<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Medication and conditions with their days, and weights. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('health_entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 16);
            $table->string('name', 120)->default('');
            $table->double('kilograms')->nullable();
            $table->date('from_on');
            $table->date('until_on')->nullable()->comment('null: still so');
            $table->dateTime('taken_out_at')->nullable()->comment('written down by mistake');
            $table->timestamps();
            $table->index(['dog_id', 'from_on']);
        });
    }

    public function down(): void
    {
        if (DB::table('health_entries')->exists()) {
            throw new RuntimeException('Going back would lose what was written of health: restore a backup instead (bin/restore).');
        }
        Schema::drop('health_entries');
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Papers about a dog as they were handed out, the addresses they were given by, and when those were opened. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('reports', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('user_id')->comment('who made it')->constrained();
            $table->string('kind', 20);
            $table->string('language', 10);
            $table->string('name', 120)->default('')->comment('whom it is for');
            $table->string('note', 1000)->default('');
            $table->json('parts')->comment('chosen');
            $table->json('sections')->comment('as it was said then');
            $table->dateTime('made_at');
            $table->unsignedTinyInteger('progress')->default(0)->comment('of its PDF');
            $table->string('file', 60)->nullable();
            $table->boolean('has_failed')->default(false);
            $table->index(['dog_id', 'made_at']);
        });
        Schema::create('report_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('report_id')->constrained();
            $table->foreignId('user_id')->comment('who made it')->constrained();
            $table->string('name', 120)->comment('for whom');
            $table->string('token', 64)->unique()->comment('hash');
            $table->dateTime('ends_at');
            $table->dateTime('closed_at')->nullable();
            $table->timestamps();
        });
        Schema::create('report_openings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('report_link_id')->constrained();
            $table->boolean('is_pdf');
            $table->dateTime('opened_at');
        });
    }

    public function down(): void
    {
        if (DB::table('reports')->exists()) {
            throw new RuntimeException('Reports that were handed out would be lost: restore a backup to go back.');
        }
        foreach (['report_openings', 'report_links', 'reports'] as $table) {
            Schema::drop($table);
        }
    }
};

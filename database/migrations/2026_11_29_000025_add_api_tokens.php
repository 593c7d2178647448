<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What opens the practice to a program of somebody's: as far as it was given, until a day. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('api_tokens', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->comment('as whom it reads and logs')->constrained();
            $table->string('name', 80);
            $table->string('token', 64)->unique()->comment('hash');
            $table->json('scopes');
            $table->dateTime('ends_at');
            $table->dateTime('used_at')->nullable();
            $table->dateTime('closed_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('api_tokens');
    }
};

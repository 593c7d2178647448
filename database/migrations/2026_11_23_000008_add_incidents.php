<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // a bite or an injury as facts; private, and never changed: what is learned later is told in another one
        Schema::create('incidents', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('event_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->uuid('uuid');
            $table->dateTime('occurred_at', 3);
            $table->string('place', 120);
            $table->json('facts');
            $table->string('before', 1000);
            $table->string('treatment', 500)->nullable();
            $table->json('told');
            $table->string('told_note', 300)->nullable();
            $table->timestamps();
            $table->unique(['practice_id', 'uuid']);
        });
        Schema::table('events', function (Blueprint $table): void {
            $table->uuid('uuid')->nullable();
            $table->unique(['practice_id', 'uuid']);
        });
    }
};

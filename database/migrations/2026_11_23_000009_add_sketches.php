<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // a place seen from above, in meters from the dog: what is beside it is to the right, what is ahead is up
        Schema::create('sketches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('place_id')->unique()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->json('layout');
            $table->json('passes');
            $table->string('note', 300)->nullable();
            $table->timestamps();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('practices', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('town', 120)->default('');
            $table->string('time_zone', 64)->default('UTC');
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->string('role', 16)->comment('owner, trainer, helper or guardian');
            $table->string('distance_unit', 2)->default('m');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('people', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->nullable()->unique()->constrained()->nullOnDelete();
            $table->string('name', 120);
            $table->timestamps();
        });
    }
};

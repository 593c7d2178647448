<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // what is played to one dog, by whom, and how loud that was found to be
        Schema::create('sound_set_ups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('response_model_id')->unique()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('recording', 16)->nullable()->comment('null: only the real thing');
            $table->decimal('read_level', 5, 2)
                ->nullable()->comment('dB(A) read at the dog; null: nobody measured, levels are told in percent of the player');
            $table->decimal('read_percent', 6, 3)->nullable()->comment('of the player\'s full scale, at which it was read');
            $table->decimal('shift', 6, 2)
                ->default(0)->comment('decibels between a level as kept and at the dog: levels were kept before anybody measured');
            $table->decimal('ceiling', 4, 1)->comment('dB(A) at the dog');
            $table->decimal('onset_seconds', 4, 1);
            $table->timestamps();
        });
        Schema::table('sessions', function (Blueprint $table): void {
            $table->char('meter_token', 64)
                ->nullable()->after('device_since')->comment('SHA-256 of the token that a sound level meter shows');
        });
        Schema::create('meter_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('session_id')->constrained();
            $table->unsignedInteger('number')->comment('the meter\'s own count: the same reading may come twice');
            $table->dateTime('read_at', 3);
            $table->decimal('level', 5, 2)->comment('dB(A)');
            $table->unique(['session_id', 'number']);
            $table->index(['session_id', 'read_at']);
        });
    }
};

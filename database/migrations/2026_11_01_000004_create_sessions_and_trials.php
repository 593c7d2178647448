<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sessions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('plan_id')->constrained();
            $table->foreignId('person_id')->comment('the handler')->constrained('people');
            $table->foreignId('user_id')->comment('who started it')->constrained();
            $table->foreignId('place_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('started_at', 3);
            $table->dateTime('ended_at', 3)->nullable();
            $table->string('end_note', 500)->nullable();
            $table->json('evidence')->nullable()->comment('its trials counted by exposure and band; derived, rebuilt with every trial');
            $table->json('mode')->nullable()->comment('parameters of its latest fit, to start the next one from');
            $table->json('summary')->nullable()->comment('what later sessions need to know of it; derived like evidence');
            $table->timestamps();
            $table->index(['plan_id', 'started_at']);
            $table->index(['practice_id', 'started_at']);
        });
        Schema::create('sets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('session_id')->constrained();
            $table->unsignedSmallInteger('position');
            $table->dateTime('started_at', 3);
            $table->dateTime('ended_at', 3)->nullable();
            $table->unique(['session_id', 'position']);
        });
        // append-only: undo and edit are rows of trial_corrections
        Schema::create('trials', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('session_id')->constrained();
            $table->foreignId('set_id')->constrained();
            $table->foreignId('step_id')->comment('the step its target stands on or was split or eased from')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('user_id')->constrained();
            $table->uuid('uuid');
            $table->char('content_hash', 64);
            $table->unsignedInteger('sequence');
            $table->dateTime('occurred_at', 3)->comment('device time, corrected by the measured offset');
            $table->dateTime('device_at', 3);
            $table->bigInteger('clock_offset_ms')->comment('receiving clock minus device clock');
            $table->dateTime('received_at', 3);
            $table->string('under_action', 16)->nullable();
            $table->json('forecast')->nullable()->comment('the risk that the advice followed had told');
            $table->string('outcome', 24);
            $table->unsignedTinyInteger('band');
            $table->unsignedTinyInteger('band_proposed');
            $table->string('food', 16);
            $table->boolean('food_left')->default(true);
            $table->string('latency', 8)->nullable();
            $table->unsignedInteger('latency_ms')->nullable();
            $table->boolean('interrupted')->default(false);
            $table->boolean('handler_error')->default(false);
            $table->string('note', 500)->nullable();
            $table->string('signs_version', 16);
            $table->unique(['practice_id', 'uuid']);
            $table->index(['session_id', 'sequence']);
        });
        Schema::create('trial_exposures', function (Blueprint $table): void {
            $table->foreignId('trial_id')->constrained();
            $table->string('part', 6)->comment('real: as it was; target: what was aimed at');
            $table->string('dimension', 40);
            $table->decimal('number', 10, 4)->nullable();
            $table->string('choice', 40)->nullable();
            $table->primary(['trial_id', 'part', 'dimension']);
        });
        Schema::create('trial_signs', function (Blueprint $table): void {
            $table->foreignId('trial_id')->constrained();
            $table->string('sign', 32);
            $table->primary(['trial_id', 'sign']);
        });
        Schema::create('trial_corrections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('trial_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->uuid('uuid');
            $table->string('kind', 8)->comment('undo or edit');
            $table->json('changes')->nullable();
            $table->dateTime('made_at', 3);
            $table->unique(['practice_id', 'uuid']);
        });
        Schema::create('advice', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('session_id')->constrained();
            $table->foreignId('trial_id')->nullable()->comment('null for the advice a session starts with')->constrained();
            $table->foreignId('step_id')->nullable()->constrained();
            $table->string('action', 16);
            $table->json('exposure')->nullable();
            $table->json('reasons');
            $table->json('alternatives');
            $table->boolean('is_closing')->default(false);
            $table->double('strain_mean')->nullable();
            $table->double('strain_bound')->nullable();
            $table->double('reaction_mean')->nullable();
            $table->double('reaction_bound')->nullable();
            $table->string('engine', 64)->comment('versions of engine, priors and dimensions');
            $table->dateTime('given_at', 3);
            $table->index(['session_id', 'id']);
        });
        Schema::create('events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('session_id')->nullable()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 24);
            $table->unsignedTinyInteger('severity')->default(1);
            $table->dateTime('occurred_at', 3);
            $table->string('note', 500)->nullable();
            $table->index(['dog_id', 'occurred_at']);
        });
        // trials that a device recorded and that could not be placed: never refused, never lost
        Schema::create('unplaced_trials', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->uuid('uuid');
            $table->json('payload');
            $table->string('reason', 300);
            $table->dateTime('received_at', 3);
            $table->dateTime('settled_at', 3)->nullable();
            $table->unique(['practice_id', 'uuid']);
            $table->index(['practice_id', 'settled_at']);
        });
    }
};

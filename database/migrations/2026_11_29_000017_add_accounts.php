<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a practice needs to be its own: invitations, devices, a second factor, clients, archives, and a trail of who did what. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('practices', static function (Blueprint $table): void {
            $table->string('phone', 40)->default('')->comment('shown to guardians');
            $table->boolean('is_demo')->default(false);
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->dateTime('disabled_at')->nullable();
            $table->text('totp_secret')->nullable()->comment('encrypted');
            $table->dateTime('totp_since')->nullable()->comment('null: begun, not confirmed');
            $table->unsignedBigInteger('totp_step')->nullable()->comment('time step of the newest code taken: none is taken twice');
            $table->json('recovery_codes')->nullable()->comment('hashes of those not used');
        });
        Schema::create('devices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('secret', 64)->comment('hash of what the device keeps');
            $table->string('name', 120);
            $table->string('address', 45);
            $table->boolean('is_remembered')->default(false);
            $table->dateTime('signed_in_at');
            $table->dateTime('seen_at');
            $table->dateTime('ended_at')->nullable();
        });
        Schema::create('clients', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->string('name', 120);
            foreach (['phone' => 40, 'email' => 190, 'address' => 300, 'emergency_contact' => 200, 'vet' => 200] as $column => $length) {
                $table->string($column, $length)->default('');
            }
            $table->date('consented_on')->nullable();
            $table->text('note')->nullable();
            $table->dateTime('archived_at')->nullable();
            $table->timestamps();
            $table->index(['practice_id', 'name']);
        });
        Schema::table('people', static function (Blueprint $table): void {
            $table->foreignId('client_id')->nullable()->constrained();
            $table->string('phone', 40)->default('');
            $table->string('note', 300)->default('');
            $table->dateTime('archived_at')->nullable();
            $table->index(['practice_id', 'name']);
        });
        Schema::table('dogs', static function (Blueprint $table): void {
            $table->foreignId('client_id')->nullable()->constrained();
            $table->foreignId('trainer_id')->nullable()->constrained('users');
            $table->string('sex', 16)->default('');
            $table->string('breed', 80)->default('');
            $table->string('chip', 40)->default('');
            $table->dateTime('archived_at')->nullable();
            $table->string('archived_for', 16)->nullable()->comment('done, moved or died');
        });
        Schema::table('places', static function (Blueprint $table): void {
            $table->string('kind', 16)->default('');
            $table->string('address', 200)->default('');
            $table->string('hours', 200)->default('');
            $table->string('note', 300)->default('');
            $table->dateTime('archived_at')->nullable();
            $table->index(['practice_id', 'name']);
        });
        Schema::create('invitations', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->comment('who invited')->constrained();
            $table->foreignId('person_id')->nullable()->comment('who is known without a sign-in so far')->constrained('people');
            $table->foreignId('dog_id')->nullable()->comment('what a guardian will see')->constrained();
            $table->string('name', 120);
            $table->string('email', 190);
            $table->string('role', 16);
            $table->dateTime('made_at');
            $table->dateTime('accepted_at')->nullable();
            $table->dateTime('withdrawn_at')->nullable();
        });
        Schema::create('one_time_links', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 16)->comment('set_up, invitation or password');
            $table->unsignedBigInteger('subject_id')->nullable()->comment('the invitation or the user it is for');
            $table->string('token', 64)->unique()->comment('hash of what the link holds');
            $table->dateTime('ends_at');
            $table->dateTime('used_at')->nullable();
            $table->index(['kind', 'subject_id']);
        });
        Schema::table('handler_limits', static function (Blueprint $table): void {
            $table->boolean('is_training_allowed')->default(false)->comment('only in training, nowhere else');
        });
        Schema::create('plan_rests', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('plan_id')->constrained();
            $table->foreignId('user_id')->nullable()->comment('who logged what it rests for')->constrained();
            $table->string('reason', 16);
            $table->dateTime('rested_at', 3);
            $table->foreignId('reviewed_by')->nullable()->constrained('users');
            $table->dateTime('reviewed_at', 3)->nullable();
            $table->index(['plan_id', 'rested_at']);
        });
        DB::statement('INSERT INTO plan_rests (practice_id, plan_id, reason, rested_at)
            SELECT practice_id, id, resting_reason, COALESCE(updated_at, NOW()) FROM plans WHERE resting_reason IS NOT NULL');
        Schema::create('photos', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->nullable()->unique()->constrained();
            $table->foreignId('place_id')->nullable()->unique()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->uuid('file');
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->dateTime('taken_in_at');
        });
        Schema::create('trail_entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->nullable()->comment('who did it; null: nobody who was signed in')->constrained()->nullOnDelete();
            $table->string('action', 32);
            $table->string('about', 120)->default('')->comment('name of whom or what, as it was then');
            $table->string('subject', 32)->default('')->comment('kind and number, as dog:4');
            $table->json('facts')->nullable();
            $table->dateTime('done_at', 3);
            $table->index(['practice_id', 'done_at']);
            $table->index(['practice_id', 'subject']);
        });
    }

    public function down(): void
    {
        throw new RuntimeException('Sign-ins, clients and the trail would be lost: restore a backup to go back.');
    }
};

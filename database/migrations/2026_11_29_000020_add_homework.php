<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Homework: what a home is asked to do, what it did, links to its page, and messages both ways. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('practices', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('quiet_from')->default(1260)->comment('minute of the day');
            $table->unsignedSmallInteger('quiet_until')->default(420);
        });
        Schema::table('events', static function (Blueprint $table): void {
            $table->unsignedBigInteger('user_id')->nullable()->change();
            $table->foreignId('person_id')->nullable()->comment('who told it without a sign-in')->constrained();
        });
        Schema::create('homework', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('plan_id')->nullable()->constrained();
            $table->foreignId('user_id')->comment('who gave it')->constrained();
            $table->uuid('class_uuid')->nullable()->comment('the same in all that were given it at once')->index();
            $table->string('kind', 16);
            $table->string('name', 80);
            $table->string('what', 400);
            $table->string('counts_when', 200);
            $table->string('stop_when', 200);
            $table->string('word', 60)->default('');
            $table->string('gear', 120)->default('');
            $table->unsignedTinyInteger('pieces')->nullable()->comment('of food');
            $table->unsignedSmallInteger('hold_seconds')->nullable();
            $table->json('exposure')->nullable()->comment('of the step it was taken from');
            $table->unsignedTinyInteger('times_a_day');
            $table->date('from_on');
            $table->date('until_on')->nullable();
            $table->foreignId('after_id')->nullable()->comment('opens once this one went well')->constrained('homework');
            $table->unsignedTinyInteger('good_days')->nullable()->comment('of that one');
            $table->dateTime('opened_at')->nullable()->comment('by whoever trains');
            $table->dateTime('ended_at')->nullable();
            $table->timestamps();
            $table->index(['dog_id', 'ended_at']);
        });
        Schema::create('home_reps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('homework_id')->constrained('homework');
            self::by($table);
            $table->uuid('uuid');
            $table->string('answer', 16);
            $table->double('seconds')->nullable()->comment('held');
            $table->string('note', 300)->default('');
            $table->boolean('is_from_paper')->default(false);
            $table->dateTime('occurred_at', 3);
            $table->dateTime('received_at', 3);
            $table->dateTime('taken_out_at', 3)->nullable();
            $table->dateTime('seen_at', 3)->nullable()->comment('something wrong, looked at by whoever trains');
            $table->unique(['practice_id', 'uuid']);
            $table->index(['homework_id', 'occurred_at']);
            $table->index(['dog_id', 'person_id', 'occurred_at']);
            $table->index(['practice_id', 'seen_at', 'answer']);
        });
        Schema::create('home_days', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            self::by($table);
            $table->date('on_day');
            $table->string('kind', 16);
            $table->unique(['dog_id', 'on_day']);
        });
        Schema::create('home_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('person_id')->comment('whom it was given')->constrained();
            $table->foreignId('user_id')->comment('who made it')->constrained();
            $table->string('token', 64)->unique()->comment('hash');
            $table->string('language', 8);
            $table->dateTime('ends_at');
            $table->dateTime('opened_at')->nullable()->comment('last');
            $table->dateTime('closed_at')->nullable();
            $table->timestamps();
        });
        Schema::create('messages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            self::by($table);
            $table->boolean('is_from_home');
            $table->uuid('uuid');
            $table->string('body', 1000);
            $table->dateTime('sent_at', 3);
            $table->dateTime('read_at', 3)->nullable();
            $table->unique(['practice_id', 'uuid']);
            $table->index(['dog_id', 'sent_at']);
        });
    }

    public function down(): void
    {
        if (DB::table('homework')->exists() || DB::table('messages')->exists()) {
            throw new RuntimeException('Homework and messages would be lost: restore a backup to go back.');
        }
        foreach (['messages', 'home_links', 'home_days', 'home_reps', 'homework'] as $table) {
            Schema::drop($table);
        }
        Schema::table('events', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('person_id');
            $table->unsignedBigInteger('user_id')->nullable(false)->change();
        });
        Schema::table('practices', static fn (Blueprint $table) => $table->dropColumn(['quiet_from', 'quiet_until']));
    }

    /** Somebody who signed in, or the person a link was given. */
    private static function by(Blueprint $table): void
    {
        $table->foreignId('user_id')->nullable()->constrained();
        $table->foreignId('person_id')->nullable()->constrained();
    }
};

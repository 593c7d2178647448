<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The week: what plans ask of it, who is to be had when, appointments, busy times from elsewhere, and calendars that are subscribed to. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('practices', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('travel_minutes')->default(15)->comment('to a home');
            $table->date('reminded_on')->nullable()->comment('the evening on which letters were written last');
            $table->unsignedTinyInteger('hot_from_month')->default(6);
            $table->unsignedTinyInteger('hot_until_month')->default(8);
            $table->unsignedSmallInteger('hot_from')->default(660)->comment('minute of the day');
            $table->unsignedSmallInteger('hot_until')->default(1140);
        });
        // null: as the kind of plan has it
        Schema::table('plans', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('most_a_day')->nullable();
            $table->unsignedTinyInteger('days_apart')->nullable();
            $table->unsignedTinyInteger('easy_after_struggling')->nullable()->comment('days');
            $table->unsignedTinyInteger('easy_after_reaction')->nullable()->comment('days');
            $table->unsignedSmallInteger('encounters')->nullable();
            $table->boolean('is_at_home')->nullable();
            $table->boolean('needs_helper')->default(false);
            $table->string('busy_or_quiet', 8)->default('any');
        });
        Schema::create('plan_places', static function (Blueprint $table): void {
            $table->foreignId('plan_id')->constrained()->cascadeOnDelete();
            $table->foreignId('place_id')->constrained()->cascadeOnDelete();
            $table->primary(['plan_id', 'place_id']);
        });
        Schema::table('places', static fn (Blueprint $table) => $table->unsignedSmallInteger('travel_minutes')->nullable()
            ->comment('from the practice'));
        Schema::table('people', static function (Blueprint $table): void {
            $table->boolean('helps')->default(false);
            $table->boolean('is_reminded')->default(true)->comment('by mail, the evening before');
        });
        Schema::create('weekly_hours', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('place_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('dog_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('kind', 8)->comment('free or busy');
            $table->unsignedTinyInteger('weekday')->comment('0 is Monday');
            $table->unsignedSmallInteger('from_minute');
            $table->unsignedSmallInteger('until_minute');
        });
        Schema::create('closed_days', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->date('from_on');
            $table->date('until_on');
            $table->string('name', 80);
        });
        Schema::create('appointments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->uuid('uuid')->unique();
            $table->foreignId('plan_id')->nullable()->comment('null: something else, by its title')->constrained();
            $table->foreignId('person_id')->constrained();
            $table->foreignId('helper_id')->nullable()->constrained('people');
            $table->foreignId('place_id')->nullable()->comment('null: where the dog lives')->constrained();
            $table->string('title', 120)->default('');
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            $table->boolean('is_pinned')->default(false);
            $table->unsignedInteger('sequence')->default(0)->comment('changes so far');
            $table->dateTime('cancelled_at')->nullable();
            $table->timestamps();
            $table->index(['practice_id', 'starts_at']);
        });
        Schema::create('week_proposals', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->date('monday');
            $table->foreignId('user_id')->comment('who asked')->constrained();
            $table->json('unmet')->comment('what was not met, and why');
            $table->dateTime('proposed_at');
            $table->unique(['practice_id', 'monday']);
        });
        Schema::create('calendar_feeds', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('person_id')->constrained();
            $table->string('name', 80);
            $table->string('address', 300)->default('')->comment('empty: a file');
            $table->dateTime('read_at')->nullable();
            $table->string('problem', 40)->default('');
            $table->timestamps();
        });
        Schema::create('busy_times', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('calendar_feed_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained();
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            $table->index(['person_id', 'starts_at']);
        });
        Schema::create('calendar_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('person_id')->constrained();
            $table->string('token', 64)->unique()->comment('hash');
            $table->dateTime('opened_at')->nullable();
            $table->dateTime('closed_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        if (DB::table('appointments')->exists() || DB::table('weekly_hours')->exists()) {
            throw new RuntimeException('Appointments and hours would be lost: restore a backup to go back.');
        }
        foreach (['calendar_links', 'busy_times', 'calendar_feeds', 'week_proposals', 'appointments', 'closed_days', 'weekly_hours',
            'plan_places'] as $table) {
            Schema::drop($table);
        }
        Schema::table('people', static fn (Blueprint $table) => $table->dropColumn(['helps', 'is_reminded']));
        Schema::table('places', static fn (Blueprint $table) => $table->dropColumn('travel_minutes'));
        Schema::table('plans', static fn (Blueprint $table) => $table->dropColumn([
            'most_a_day', 'days_apart', 'easy_after_struggling', 'easy_after_reaction', 'encounters', 'is_at_home', 'needs_helper',
            'busy_or_quiet',
        ]));
        Schema::table('practices', static fn (Blueprint $table) => $table->dropColumn([
            'travel_minutes', 'reminded_on', 'hot_from_month', 'hot_until_month', 'hot_from', 'hot_until',
        ]));
    }
};

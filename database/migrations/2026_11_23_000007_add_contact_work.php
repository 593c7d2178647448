<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // what a dog wears or is cared for with
        Schema::create('items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 16);
            $table->string('name', 60);
            $table->date('fit_checked_on')->nullable();
            $table->string('fit_note', 300)->nullable();
            $table->timestamps();
            $table->unique(['dog_id', 'name']);
        });
        Schema::create('wearings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('item_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('user_id')->constrained();
            $table->uuid('uuid');
            $table->dateTime('started_at', 3);
            $table->unsignedInteger('seconds');
            $table->string('situation', 16);
            $table->string('movement', 16)->comment('against this dog\'s own baseline');
            $table->string('note', 300)->nullable();
            $table->unique(['practice_id', 'uuid']);
            $table->index(['item_id', 'started_at']);
        });
        Schema::create('dog_areas', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('area', 24);
            $table->string('side', 8)->comment('left, right, or both');
            $table->string('state', 8)->comment('fine, sore, no_go or missing');
            $table->string('word', 40)->nullable()->comment('said before this area is touched');
            $table->string('note', 300)->nullable();
            $table->timestamps();
            $table->unique(['dog_id', 'area', 'side']);
        });
        Schema::create('handler_limits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('user_id')->constrained();
            $table->string('reason', 300);
            $table->timestamps();
            $table->unique(['dog_id', 'person_id']);
        });
        Schema::table('plans', function (Blueprint $table): void {
            $table->unsignedTinyInteger('easy_after')->default(0)->comment('good repetitions before an easy one between; 0 for never');
            $table->foreignId('item_id')->nullable()->constrained();
            $table->string('phase', 8)->nullable()->comment('on, worn, off or branch: separate ladders of one item');
        });
        Schema::table('trials', function (Blueprint $table): void {
            $table->unsignedInteger('stay_ms')
                ->nullable()->after('stare_ms')->comment('from the offer until it left, or until the end of the repetition');
            $table->unsignedInteger('hold_ms')->nullable()->after('stay_ms');
            $table->unsignedInteger('return_ms')->nullable()->after('hold_ms')->comment(
                'away and back by itself, after leaving or a tossed treat, before this repetition',
            );
        });
    }
};

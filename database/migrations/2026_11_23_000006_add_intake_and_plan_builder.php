<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        $this->intake();
        $this->foundations();
        $this->plans();
        Schema::create('practice_templates', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('key', 60);
            $table->string('label', 120);
            $table->string('kind', 10);
            $table->json('content')->comment('as in cli/schemas/template.json');
            $table->timestamps();
            $table->unique(['practice_id', 'key']);
        });
    }

    private function intake(): void
    {
        Schema::create('intakes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->comment('who wrote it last')->constrained();
            $table->date('arrived_on')->nullable();
            $table->string('since', 120)->nullable();
            $table->string('how_often', 120)->nullable();
            $table->text('history')->nullable();
            $table->string('worst', 12)->default('none')->comment('none, growl, snap, bite or skin');
            $table->string('worst_facts', 500)->nullable();
            $table->boolean('sudden_change')->default(false);
            $table->boolean('pain_signs')->default(false);
            $table->date('vet_seen_on')->nullable();
            $table->string('medication', 200)->nullable()->comment('what and since when; the decision is the vet\'s');
            $table->string('food_limits', 300)->nullable();
            $table->boolean('guards_food')->default(false);
            $table->boolean('corrections')->default(false);
            $table->boolean('children_near')->default(false);
            $table->string('baseline', 500)->nullable()->comment('how it moves and looks when all is well');
            $table->json('normal_signs')->nullable()->comment('codes that are this dog\'s own normal');
            $table->timestamps();
        });
        Schema::table('triggers', function (Blueprint $table): void {
            $table->string('kind', 10)->default('presence');
            $table->string('motive', 12)->nullable();
            $table->string('named_by', 10)->default('trainer')->comment('guardian or trainer: the two lists are not the same');
            $table->string('note', 300)->nullable();
        });
        Schema::create('agreements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('agreed_with', 120);
            $table->json('items');
            $table->string('note', 500)->nullable();
            $table->date('agreed_on');
            $table->index(['dog_id', 'agreed_on']);
        });
        Schema::create('cautions_read', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('caution', 24);
            $table->dateTime('read_at');
            $table->unique(['dog_id', 'user_id', 'caution']);
        });
        Schema::create('dimension_orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->string('kind', 10);
            $table->string('dimension', 40);
            $table->json('order')->comment('this dog\'s own, easiest first');
            $table->unique(['dog_id', 'kind', 'dimension']);
        });
    }

    private function foundations(): void
    {
        // append-only: the latest of a skill counts, and ages
        Schema::create('skill_showings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('skill', 24);
            $table->string('state', 10)->comment('learning, ready or lost');
            $table->string('place', 120);
            $table->date('shown_on');
            $table->string('note', 300)->nullable();
            $table->index(['dog_id', 'skill', 'shown_on']);
        });
        Schema::create('assessments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('response_model_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('place_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('made_at', 3);
            $table->json('observations')->comment('what was tried and how the dog took it');
            $table->json('evidence')->comment('the same as the response model counts it');
            $table->json('proposal');
            $table->string('note', 500)->nullable();
            $table->index(['response_model_id', 'made_at']);
        });
    }

    private function plans(): void
    {
        Schema::table('places', function (Blueprint $table): void {
            $table->unsignedSmallInteger('trials_an_outing')->nullable()->comment('passers-by, or what the dog has energy for');
        });
        Schema::table('response_models', function (Blueprint $table): void {
            $table->string('kind', 10)->default('presence');
            $table->json('reacts_to')->nullable()->comment('exposure from which loads are counted where there is no distance');
        });
        Schema::table('plans', function (Blueprint $table): void {
            $table->string('goal', 300)->nullable();
            $table->string('template', 60)->nullable();
            $table->json('choices')->nullable()->comment('where practitioners differ');
            $table->decimal('outings_a_week', 4, 1)->default(3);
            $table->unsignedSmallInteger('version')->default(1);
            $table->foreignId('given_from')
                ->nullable()->comment('the plan of another person that this one goes on from')->constrained('plans');
            $table->smallInteger('given_held')->default(-1)->comment('step held there');
        });
        Schema::create('waivers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('plan_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('skill', 24);
            $table->string('reason', 300);
            $table->dateTime('given_at');
            $table->unique(['plan_id', 'skill']);
        });
        Schema::create('plan_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('plan_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->unsignedSmallInteger('number');
            $table->json('steps');
            $table->string('change', 300);
            $table->dateTime('made_at');
            $table->unique(['plan_id', 'number']);
        });
        // steps that were walked are kept: trials point at them. A retired one has the position of the step that stands for it
        Schema::table('steps', function (Blueprint $table): void {
            $table->dateTime('retired_at')->nullable()->after('position');
            $table->unsignedTinyInteger('window')->nullable();
            $table->unsignedTinyInteger('sessions')->default(1);
            $table->unsignedTinyInteger('days')->default(0);
            $table->string('instruction', 300)->default('');
            $table->string('food', 12)->default('after_mark');
            $table->string('posture', 12)->default('free');
            $table->string('who', 20)->default('handler');
            $table->unsignedTinyInteger('hands')->default(2);
            $table->unsignedTinyInteger('eyes')->default(1);
            $table->index(['plan_id', 'retired_at', 'position']);
        });
        Schema::table('steps', function (Blueprint $table): void {
            $table->dropUnique(['plan_id', 'position']);
        });
    }
};

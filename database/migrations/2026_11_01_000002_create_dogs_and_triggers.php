<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('dogs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->string('name', 80);
            $table->string('description', 200)->default('');
            $table->date('born_on')->nullable();
            $table->boolean('bite_history')->default(false);
            $table->boolean('hides_signs')->default(false);
            $table->text('health_note')->nullable();
            $table->timestamps();
            $table->index(['practice_id', 'name']);
        });
        Schema::create('dog_guardians', function (Blueprint $table): void {
            $table->foreignId('dog_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->primary(['dog_id', 'user_id']);
        });
        Schema::create('places', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->string('name', 120);
            $table->decimal('room_meters', 6, 2)->nullable()->comment('farthest distance the place allows');
            $table->timestamps();
        });
        Schema::create('triggers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->string('name', 120);
            $table->timestamps();
            $table->unique(['dog_id', 'name']);
        });
        Schema::create('trigger_traits', function (Blueprint $table): void {
            $table->foreignId('trigger_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('value', 120);
            $table->primary(['trigger_id', 'name']);
        });
        // the unit of a response model is dog x trigger x handler; its reference distance never changes
        Schema::create('response_models', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_id')->constrained();
            $table->foreignId('dog_id')->constrained();
            $table->foreignId('trigger_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->decimal('reference_meters', 6, 2);
            $table->boolean('reference_stated');
            $table->decimal('fine_at_meters', 6, 2)->nullable();
            $table->timestamps();
            $table->unique(['trigger_id', 'person_id']);
        });
    }
};

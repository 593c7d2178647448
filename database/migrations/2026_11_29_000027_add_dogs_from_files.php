<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Dogs of another practice, taken in once. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dogs', static function (Blueprint $table): void {
            $table->string('from_file', 64)->nullable()->comment('checksum of what it was taken in with');
            $table->unique(['practice_id', 'from_file']);
        });
    }

    public function down(): void
    {
        Schema::table('dogs', static function (Blueprint $table): void {
            // the key to the practice needs an index of its own again
            $table->index('practice_id');
            $table->dropUnique(['practice_id', 'from_file']);
            $table->dropColumn('from_file');
        });
    }
};

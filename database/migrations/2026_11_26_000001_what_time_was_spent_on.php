<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('done_stretches', static function (Blueprint $table): void {
            $table->string('kind')->nullable();
            $table->boolean('own')->default(false);
        });
        Schema::table('users', static function (Blueprint $table): void {
            // From when on classes tell of her pace, and whether it counts for whether a class fits its time.
            $table->dateTime('pace_since')->nullable();
            $table->boolean('pace_counts')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('done_stretches', static function (Blueprint $table): void {
            $table->dropColumn(['kind', 'own']);
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn(['pace_since', 'pace_counts']);
        });
    }
};

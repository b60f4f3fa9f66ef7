<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('own_movements', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('key');
            $table->unsignedInteger('number')->default(0);
            $table->longText('draft')->nullable();
            $table->timestamp('removed_at')->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'key']);
        });
        Schema::create('own_movement_versions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('own_movement_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->longText('document');
            $table->timestamp('created_at')->nullable();
            $table->unique(['own_movement_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('own_movement_versions');
        Schema::dropIfExists('own_movements');
    }
};

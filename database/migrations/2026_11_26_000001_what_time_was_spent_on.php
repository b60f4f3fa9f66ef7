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
    }

    public function down(): void
    {
        Schema::table('done_stretches', static function (Blueprint $table): void {
            $table->dropColumn(['kind', 'own']);
        });
    }
};

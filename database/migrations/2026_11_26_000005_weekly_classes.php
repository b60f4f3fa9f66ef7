<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Classes that come every week, whether the one after was made, and what is different in one that was. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('seated_classes', static function (Blueprint $table): void {
            $table->boolean('is_weekly')->default(false);
            $table->timestamp('followed_at')->nullable();
            $table->json('changes')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('seated_classes', static function (Blueprint $table): void {
            $table->dropColumn(['is_weekly', 'followed_at', 'changes']);
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Every answer asks whether something can be done again; a class that is worked at for long has thousands of revisions. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('plan_revisions', static function (Blueprint $table): void {
            $table->index(['seated_class_id', 'parent']);
        });
    }

    public function down(): void
    {
        Schema::table('plan_revisions', static function (Blueprint $table): void {
            $table->dropIndex(['seated_class_id', 'parent']);
        });
    }
};

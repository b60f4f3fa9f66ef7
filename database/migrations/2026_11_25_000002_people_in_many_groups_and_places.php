<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('group_participant', static function (Blueprint $table): void {
            $table->foreignId('group_id')->constrained()->cascadeOnDelete();
            $table->foreignId('participant_id')->constrained()->cascadeOnDelete();
            $table->primary(['group_id', 'participant_id']);
        });
        DB::statement('insert into group_participant (group_id, participant_id) select group_id, id from participants');
        Schema::table('participants', static function (Blueprint $table): void {
            $table->foreignId('user_id')->nullable()->constrained()->cascadeOnDelete();
        });
        DB::statement('update participants set user_id = (select user_id from groups where groups.id = participants.group_id)');
        Schema::table('participants', static function (Blueprint $table): void {
            $table->dropUnique(['group_id', 'key']);
            $table->dropForeign(['group_id']);
            $table->dropColumn('group_id');
            $table->index(['user_id', 'key']);
        });
        Schema::create('places', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->longText('document');
            $table->timestamps();
        });
        Schema::table('seated_classes', static function (Blueprint $table): void {
            $table->foreignId('place_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::create('own_precautions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('code');
            $table->text('document');
            $table->timestamps();
            $table->unique(['user_id', 'code']);
        });
        Schema::create('readiness_checks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('seated_class_id')->constrained()->cascadeOnDelete();
            $table->foreignId('participant_id')->constrained()->cascadeOnDelete();
            $table->text('answers');
            $table->timestamps();
            $table->unique(['seated_class_id', 'participant_id']);
        });
        Schema::create('version_choices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('seated_class_id')->constrained()->cascadeOnDelete();
            $table->foreignId('participant_id')->constrained()->cascadeOnDelete();
            $table->string('entry');
            $table->text('choice');
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['version_choices', 'readiness_checks', 'own_precautions', 'group_participant'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('seated_classes', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('place_id');
        });
        Schema::dropIfExists('places');
    }
};

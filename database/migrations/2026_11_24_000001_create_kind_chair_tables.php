<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('users', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->timestamps();
        });
        Schema::create('groups', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->timestamps();
        });
        Schema::create('participants', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('group_id')->constrained()->cascadeOnDelete();
            $table->string('key');
            $table->string('name');
            $table->string('base');
            $table->text('health');
            $table->timestamps();
            $table->unique(['group_id', 'key']);
        });
        Schema::create('seated_classes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('group_id')->nullable()->constrained()->nullOnDelete();
            $table->string('title');
            $table->string('place')->default('');
            $table->dateTime('starts_at')->nullable();
            $table->unsignedInteger('revision')->default(0);
            $table->timestamps();
        });
        Schema::create('plan_revisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('seated_class_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->unsignedInteger('parent')->nullable();
            $table->longText('document');
            $table->timestamp('created_at')->nullable();
            $table->unique(['seated_class_id', 'number']);
        });
        Schema::create('led_classes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('seated_class_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('revision');
            $table->dateTime('started_at');
            $table->dateTime('ended_at')->nullable();
            $table->longText('state')->nullable();
            $table->longText('done')->nullable();
            $table->longText('attendance')->nullable();
            $table->text('note')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['led_classes', 'plan_revisions', 'seated_classes', 'participants', 'groups', 'users'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};

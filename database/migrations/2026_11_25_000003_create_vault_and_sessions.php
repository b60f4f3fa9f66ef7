<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What this database is and which key it is written with; who is signed in; who may invite and back up. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('vaults', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('data_id');
            $table->text('key_check');
            $table->string('passphrase_salt')->nullable();
            $table->string('passphrase_public')->nullable();
            $table->timestamps();
        });
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('invitations', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('token_hash')->unique();
            $table->dateTime('expires_at');
            $table->timestamps();
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->boolean('is_keeper')->default(false);
        });
        DB::statement('update users set email = lower(email)');
        DB::statement('update users set is_keeper = 1 where id = (select min(id) from users)');
    }

    public function down(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('is_keeper');
        });
        foreach (['invitations', 'sessions', 'vaults'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};

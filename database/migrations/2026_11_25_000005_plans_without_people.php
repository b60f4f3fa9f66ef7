<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A plan is stored without the people that came with it, and with a summary for the list of classes. */
return new class () extends Migration {
    public function up(): void
    {
        DB::transaction(static function (): void {
            foreach (DB::table('plan_revisions')->where('document', 'like', '%"group"%')->orWhere('document', 'like', '%"movements"%')->get(['id', 'document']) as $row) {
                $document = json_decode($row->document, true, 64, JSON_THROW_ON_ERROR);
                unset($document['group'], $document['movements']);
                DB::table('plan_revisions')->where('id', $row->id)->update(['document' => json_encode($document, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)]);
            }
        });
        Schema::table('plan_revisions', static function (Blueprint $table): void {
            $table->text('summary')->nullable();
        });
        // What was cleaned must not be left in unused pages of the file.
        DB::statement('vacuum');
    }

    public function down(): void
    {
        Schema::table('plan_revisions', static function (Blueprint $table): void {
            $table->dropColumn('summary');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** One person is one row: keys that nobody shares, and everything about a class that was led in tables that point to them. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('attendances', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('led_class_id')->constrained()->cascadeOnDelete();
            // Empty once the person was erased: how many came stays, and nothing of who.
            $table->foreignId('participant_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->boolean('came');
            $table->unique(['led_class_id', 'participant_id']);
        });
        Schema::create('done_stretches', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('led_class_id')->index()->constrained()->cascadeOnDelete();
            $table->string('entry');
            $table->string('side')->nullable();
            $table->boolean('counts');
            $table->unsignedInteger('length');
        });
        Schema::create('done_versions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('led_class_id')->constrained()->cascadeOnDelete();
            $table->foreignId('participant_id')->index()->constrained()->cascadeOnDelete();
            $table->string('entry');
            $table->text('version');
            $table->unique(['led_class_id', 'participant_id', 'entry']);
        });
        DB::transaction(function (): void {
            DB::table('participants')->whereNull('user_id')->delete();
            foreach (DB::table('led_classes')->orderBy('id')->get() as $led) {
                $this->attendanceOf($led);
                $this->doneIn($led);
            }
            $this->oneKeyEach();
            $this->oneRunningEach();
        });
        Schema::table('participants', static function (Blueprint $table): void {
            $table->dropIndex(['user_id', 'key']);
        });
        Schema::table('participants', static function (Blueprint $table): void {
            $table->foreignId('user_id')->nullable(false)->change();
            $table->unique(['user_id', 'key']);
        });
        Schema::table('led_classes', static function (Blueprint $table): void {
            $table->dropColumn(['done', 'attendance']);
        });
        DB::statement('create unique index one_running_class on led_classes (seated_class_id) where ended_at is null');
        foreach (['seated_classes' => 'user_id', 'groups' => 'user_id', 'places' => 'user_id', 'led_classes' => 'seated_class_id', 'version_choices' => 'seated_class_id', 'group_participant' => 'participant_id'] as $table => $column) {
            Schema::table($table, static fn (Blueprint $changed) => $changed->index($column));
        }
    }

    private function attendanceOf(stdClass $led): void
    {
        $marks = $led->attendance === null ? [] : json_decode(Crypt::decryptString($led->attendance), true);
        $class = DB::table('seated_classes')->where('id', $led->seated_class_id)->first() ?? throw new RuntimeException("Class $led->seated_class_id is not there.");
        $inGroup = DB::table('group_participant')->where('group_id', $class->group_id)->pluck('participant_id')->all();
        foreach ($marks as $key => $came) {
            $people = DB::table('participants')->where('user_id', $class->user_id)->orderBy('id');
            // Twins in one group were told apart by their number behind the key.
            $twin = preg_match('/^(.+)-(\d+)$/', (string) $key, $parts) === 1
                ? (clone $people)->where(['key' => $parts[1], 'id' => $parts[2]])->value('id')
                : null;
            $same = (clone $people)->where('key', $key)->pluck('id')->all();
            $person = $twin ?? array_values(array_intersect($same, $inGroup))[0] ?? $same[0] ?? null;
            DB::table('attendances')->insertOrIgnore(['led_class_id' => $led->id, 'participant_id' => $person, 'came' => (bool) $came]);
        }
    }

    /** Of people who share a key all but the first get one of their own, also where a room names them. */
    private function oneKeyEach(): void
    {
        $seen = [];
        foreach (DB::table('participants')->orderBy('id')->get(['id', 'user_id', 'key']) as $person) {
            $key = "$person->user_id/$person->key";
            if (isset($seen[$key])) {
                $own = "$person->key-$person->id";
                $this->renameSeats($person, $own, $seen[$key]);
                DB::table('participants')->where('id', $person->id)->update(['key' => $own]);
            }
            $seen[$key] ??= $person->id;
        }
    }

    private function renameSeats(stdClass $person, string $own, int $first): void
    {
        $groups = DB::table('group_participant')->where('participant_id', $person->id)->pluck('group_id')->all();
        $shared = DB::table('group_participant')->where('participant_id', $first)->pluck('group_id')->all();
        foreach (DB::table('places')->where('user_id', $person->user_id)->get(['id', 'document']) as $place) {
            $document = json_decode($place->document, true);
            foreach (array_diff($groups, $shared) as $group) {
                foreach ($document['layouts'][$group]['seats'] ?? [] as $at => $seat) {
                    if ($seat['person'] === $person->key) {
                        $document['layouts'][$group]['seats'][$at]['person'] = $own;
                    }
                }
            }
            DB::table('places')->where('id', $place->id)->update(['document' => json_encode($document)]);
        }
    }

    private function doneIn(stdClass $led): void
    {
        foreach ($led->done === null ? [] : json_decode($led->done, true) as $stretch) {
            DB::table('done_stretches')->insert([
                'led_class_id' => $led->id,
                'entry' => $stretch['entry'],
                'side' => $stretch['side'],
                'counts' => $stretch['counts'],
                'length' => $stretch['length'],
            ]);
        }
    }

    /** A class runs once at a time: all but the latest running ones have ended when they were last heard of. */
    private function oneRunningEach(): void
    {
        $latest = DB::table('led_classes')->whereNull('ended_at')->groupBy('seated_class_id')->selectRaw('max(id) as id')->pluck('id');
        DB::table('led_classes')->whereNull('ended_at')->whereNotIn('id', $latest)->update(['ended_at' => DB::raw('updated_at'), 'state' => null]);
    }

    public function down(): void
    {
        DB::statement('drop index if exists one_running_class');
        Schema::table('led_classes', static function (Blueprint $table): void {
            $table->longText('done')->nullable();
            $table->longText('attendance')->nullable();
        });
        foreach (['done_versions', 'done_stretches', 'attendances'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
